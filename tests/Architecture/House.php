<?php

declare(strict_types=1);

namespace Tests\Architecture;

/**
 * The rooms of the house, bottom up, each with what it is for: a room uses only rooms named before it. PHPStan holds the code to this
 * list ({@see RoomsLookDown}), a test holds the drawing to both, and `bin/house` draws it.
 */
final class House
{
    /** @var array<string, string> rooms of the core, below Orthoscope\Core */
    public const CORE = [
        'Plain' => 'money, lists, nearest words, the draw of luck, files of rows',
        'Statistics' => 'intervals, shrinkage, survival, false discoveries',
        'Electrical' => 'quantities, limits, meters, the sum of loads',
        'Sockets' => 'what a glass shows of a socket',
        'Identity' => 'what a card says it is against what it can be',
        'Codes' => 'displays and beeps and what they mean',
        'SetUp' => 'how a machine is put together for a start, and when it fails',
        'Catalogue' => 'what is known of desktops before one is met',
        'Chain' => 'a machine and its parts in the order of the power-on chain',
        'Shelf' => 'known-good spares: trust, fit, quarantine',
        'Evidence' => 'entries of a record, and how they are read',
        'CaseFile' => 'the open format of a job',
        'Bench' => 'timers, waits, what came off, what a job waits for',
        'Diagnosis' => 'what the record makes of every fault',
        'Planning' => 'next steps, their worth, and what is locked',
        'Proving' => 'what clean starts show and what is still owed',
        'Words' => 'entries and parts in sentences',
        'Assessment' => 'everything that follows from one record',
        'Economy' => 'ways on, and what each is expected to cost',
        'Lending' => 'which spare to lend, and who met whom',
        'Quote' => 'lines, sums, what may be spent',
        'Returns' => 'comebacks and claims',
        'HandBack' => 'what must be shown before a machine goes back, and how a job ends',
        'Letter' => 'what the owner is told',
        'Triage' => 'questions to a caller',
        'Queue' => 'who waits, for how long, and who is in',
        'Learning' => 'what closed jobs say of the priors',
        'Why' => 'what each entry did to belief, and what would change it',
        'Handbook' => 'what the catalogue knows, as pages to read',
        'Patterns' => 'what comes too often to be luck',
        'Imports' => 'reports of tools and code books from files',
        'Intake' => 'hardware lists at arrival',
        'Supplier' => 'the supplier, simulated',
        'Instruments' => 'bench instruments, simulated',
        'Simulation' => 'machines with hidden faults, and policies that work on them',
        'Practice' => 'machines to learn on, scored and looked back at',
        'CommandLine' => 'the core without the application',
    ];

    /** @var array<string, string> rooms of the application, below App */
    public const APP = [
        'Models' => 'what is stored',
        'Outside' => 'gateways to what is not ours',
        'Documents' => 'what leaves as a file',
        'UseCases\Shop' => 'people, benches, promises, papers',
        'UseCases\Advice' => 'a job assessed, summed up, learned from',
        'UseCases\Practice' => 'practice machines, progress, guesses',
        'UseCases\Owners' => 'words to owners',
        'UseCases\Parts' => 'spares, loans, orders, claims',
        'UseCases\Jobs' => 'the ledger, and what opens and moves a job',
        'View' => 'what pages are drawn from',
        'Http' => 'requests and who may make them',
        'Queued' => 'slow work for workers',
        'Console' => 'commands',
        'Providers' => 'what stands for which interface',
    ];

    /** @var array<string, array<string, string>> namespace => its rooms */
    public const WINGS = ['Orthoscope\Core' => self::CORE, 'App' => self::APP];

    /**
     * @var array<string, list<string>> rooms of the core that only these may use: nothing that reasons about a real machine does it with a
     *     simulated world
     */
    public const ONLY_FOR = ['Simulation' => ['Practice', 'CommandLine'], 'CommandLine' => []];
}
