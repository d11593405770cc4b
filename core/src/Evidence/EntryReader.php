<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Question;
use Orthoscope\Core\Catalogue\UnknownWord;
use Orthoscope\Core\Chain\Lent;
use Orthoscope\Core\Chain\Machine;

/** Makes entries from their written form (an object of a case file, or a stored row), checking every word. */
final readonly class EntryReader
{
    private SignWords $words;

    private StartReader $starts;

    private FindingReader $findings;

    public function __construct(private Catalogue $catalogue, private Machine $machine)
    {
        $this->words = new SignWords($catalogue);
        $this->starts = new StartReader($catalogue, $this->words, new SetUpReader($machine));
        $this->findings = new FindingReader($catalogue, $machine);
    }

    /**
     * @param  array<string, mixed>  $given the written entry
     *
     * @throws CaseMistake with the path inside the entry
     */
    public function read(int $number, array $given): Entry
    {
        $head = [$number, (string) ($given['at'] ?? ''), (string) ($given['by'] ?? ''), (string) ($given['text'] ?? '')];

        return match ($given['kind'] ?? '') {
            'report' => $this->report($head, $given),
            'answer' => $this->answer($head, $given),
            'start' => $this->starts->read($head, $given),
            'finding' => $this->findings->read($head, $given),
            'act' => $this->deed($head, $given),
            'tally' => $this->tally($head, $given),
            'note' => trim($head[3]) === '' ? throw CaseMistake::at('/text', 'Write the note.') : new Note(...$head),
            'strike-out' => $this->strikeOut($head, $given),
            'override' => $this->override($head, $given),
            'closing' => new Closing(...$head, price: Written::whole($given, 'price', 0), warrantyMonths: Written::whole($given, 'warranty_months', 0), signedOff: (string) ($given['signed_off'] ?? '')),
            default => throw CaseMistake::at('/kind', UnknownWord::sentence('kind of entry', (string) ($given['kind'] ?? ''), ['report', 'answer', 'start', 'finding', 'act', 'tally', 'note', 'strike-out', 'override', 'closing'])),
        };
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function report(array $head, array $given): Report
    {
        return new Report(
            ...$head,
            reached: isset($given['reached']) ? $this->words->reached($given['reached']) : null,
            signs: $this->words->signs($given['signs'] ?? []),
            events: Written::allOf('event', $given['events'] ?? [], array_keys($this->catalogue->events), '/events'),
            marks: Written::allOf('mark', $given['marks'] ?? [], array_keys($this->catalogue->marks), '/marks'),
            source: Written::oneOf('source of a report', (string) ($given['source'] ?? Report::SEEN), [Report::SEEN, Report::REMEMBERED, Report::OPINION], '/source'),
            history: Written::allOf('deed of earlier', $given['history'] ?? [], array_keys($this->catalogue->history), '/history'),
            when: $this->when($given),
        );
    }

    /** @param  array<string, mixed>  $given */
    private function when(array $given): ?string
    {
        $when = (string) ($given['when'] ?? '');

        return match (true) {
            $when === '' => null,
            preg_match('/^(19|20)\d\d(-(0[1-9]|1[0-2]))?$/', $when) === 1 => $when,
            default => throw CaseMistake::at('/when', "\"{$when}\" is no time; write a year or a year and month, such as 2026-06."),
        };
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function answer(array $head, array $given): Answer
    {
        $question = $this->catalogue->questions[Written::oneOf('question', (string) ($given['question'] ?? ''), array_keys($this->catalogue->questions), '/question')];
        $answers = [...array_map(strval(...), array_keys($question->answers)), ...Question::tellNothing()];

        return new Answer(...$head, question: $question->id, answer: Written::oneOf("answer to \"{$question->id}\"", (string) ($given['answer'] ?? ''), $answers, '/answer'));
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function deed(array $head, array $given): Deed
    {
        $act = Written::catalogued(fn () => $this->catalogue->act((string) ($given['act'] ?? '')), '/act');
        $on = [];
        foreach ((array) ($given['on'] ?? []) as $i => $word) {
            $meant = $this->machine->meant((string) $word);
            if ($meant === [] && ! isset($this->catalogue->parts[$word])) {
                throw CaseMistake::at("/on/{$i}", UnknownWord::sentence('part of this machine', (string) $word, array_keys($this->machine->parts)));
            }
            array_push($on, ...$meant);
        }
        if ($on === []) {
            throw CaseMistake::at('/on', 'Say which part it was done to.');
        }
        $with = isset($given['with'])
            ? new Lent((string) ($given['with']['tag'] ?? 'new'), (float) ($given['with']['trust'] ?? $this->catalogue->number('new_part_trust')))
            : null;
        $begun = (bool) ($given['begun'] ?? false);
        if ($begun && ! $this->locksWhileItLasts($act)) {
            throw CaseMistake::at('/begun', "\"{$act->name}\" is recorded once it is done, not when it has begun.");
        }
        if ($act->id === 'replace' && ! $begun) {
            $with ??= new Lent('new', $this->catalogue->number('new_part_trust'));
        }

        return new Deed(...$head, act: $act->id, on: array_values(array_unique($on)), with: $begun ? null : $with, begun: $begun, agent: isset($given['agent']) ? Written::oneOf('thing it was done with', (string) $given['agent'], array_keys(Deed::AGENTS), '/agent') : null);
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function tally(array $head, array $given): Tally
    {
        $item = trim((string) ($given['item'] ?? ''));
        if ($item === '' || mb_strlen($item) > 80) {
            throw CaseMistake::at('/item', 'Say which one, in up to 80 letters.');
        }

        return new Tally(
            ...$head,
            what: Written::oneOf('thing that is counted', (string) ($given['what'] ?? ''), array_keys(Tally::KINDS), '/what'),
            item: $item,
            way: Written::oneOf('way', (string) ($given['way'] ?? ''), [Tally::OFF, Tally::BACK], '/way'),
            count: Written::count($given, 'count', '/count', 'Say how many, a whole number from 1 to 1000.'),
        );
    }

    private function locksWhileItLasts(Act $act): bool
    {
        foreach ($this->catalogue->locks as $lock) {
            if (in_array("begun:{$act->id}", $lock->raised, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function strikeOut(array $head, array $given): StrikeOut
    {
        $entry = Written::whole($given, 'entry', 0);
        if ($entry < 1 || $entry >= $head[0]) {
            throw CaseMistake::at('/entry', 'Name an earlier entry by its number.');
        }
        if (trim($head[3]) === '') {
            throw CaseMistake::at('/text', 'Say why it is struck out.');
        }

        return new StrikeOut(...$head, entry: $entry);
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function override(array $head, array $given): Override
    {
        if (trim($head[3]) === '') {
            throw CaseMistake::at('/text', 'Say why the lock is set aside.');
        }

        return new Override(...$head, lock: Written::oneOf('lock', (string) ($given['lock'] ?? ''), array_keys($this->catalogue->locks), '/lock'));
    }
}
