<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Planning\Candidate;
use Orthoscope\Core\SetUp\SetUp;

/** Where a hidden machine is worked on: what is done to it is done, and what it shows goes on the record. */
final class Bench
{
    /** @var list<Entry> */
    private array $entries = [];

    /** @var list<array<string, mixed>> */
    private array $written = [];

    /** @var list<int> numbers of the entries that are written down otherwise than it was */
    private array $misread = [];

    private readonly EntryReader $reader;

    public function __construct(private readonly Catalogue $catalogue, public readonly HiddenMachine $hidden)
    {
        $this->reader = new EntryReader($catalogue, $hidden->machine());
        $this->write($hidden->report());
    }

    public function record(): Record
    {
        return new Record($this->entries);
    }

    /** @return list<array<string, mixed>> the same as written in a case file */
    public function written(): array
    {
        return $this->written;
    }

    /** Does a step and writes down what came of it. */
    public function take(Candidate $candidate): void
    {
        if ($candidate->step->check !== null) {
            $this->look($candidate);
        }
        if ($candidate->step->act !== null) {
            $this->act($candidate->step->act, $candidate->on);
        }
        if ($candidate->setUp !== null) {
            $this->start($candidate->setUp);
        }
    }

    public function start(SetUp $setUp): void
    {
        $this->see(['kind' => 'start', 'setup' => $setUp->toArray(), 'waited' => 120, ...$this->hidden->start($setUp)]);
    }

    /** @return list<int> numbers of the entries that are written down otherwise than it was */
    public function misread(): array
    {
        return $this->misread;
    }

    /** @param  list<string>  $on */
    public function act(string $act, array $on): void
    {
        $this->hidden->act($act, $on);
        $this->write(['kind' => 'act', 'act' => $act, 'on' => $on]);
    }

    /** A new part in place of the machine's own. */
    public function fit(string $part): void
    {
        $this->hidden->fit($part);
        $this->write(['kind' => 'act', 'act' => 'replace', 'on' => [$part], 'with' => ['tag' => CatalogueMachine::NEW]]);
    }

    /** What the owner tells of it when it comes back. */
    public function told(string $reached): void
    {
        $this->write(['kind' => 'report', 'reached' => $reached]);
    }

    private function look(Candidate $candidate): void
    {
        $check = $this->catalogue->check((string) $candidate->step->check);
        $target = $check->target === null ? null : $candidate->target?->id;
        $this->see([
            'kind' => 'finding',
            'check' => $check->id,
            'result' => $this->hidden->look($check, $target),
            ...$target === null ? [] : ['target' => $target],
        ]);
    }

    /** @param  array<string, mixed>  $entry */
    private function see(array $entry): void
    {
        $this->write($entry);
        if ($this->hidden->wasMisread()) {
            $this->misread[] = count($this->entries);
        }
    }

    /** @param  array<string, mixed>  $entry */
    private function write(array $entry): void
    {
        $this->written[] = $entry;
        $this->entries[] = $this->reader->read(count($this->entries) + 1, $entry);
    }
}
