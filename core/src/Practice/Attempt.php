<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use DateTimeImmutable;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Simulation\CatalogueMachine;
use Orthoscope\Core\Simulation\HiddenMachine;

/**
 * One go at a practice machine. Any start, look, reading or act that a record knows may be done to it; the machine answers, and what
 * it answers goes on the record. It is taken up again by doing the same deeds over, for the same deeds have the same luck.
 */
final class Attempt
{
    /** The bench clock begins on a Monday morning. */
    private const MORNING = '2026-01-05T08:00:00+00:00';

    /** Seconds a start is waited for: so long that slow ones are through. */
    private const WAITED = 120;

    /** Longest a machine may be left to stand at once, minutes: two days. */
    private const LONGEST_STAND = 2880;

    /** @var list<Done> */
    public array $done = [];

    private Record $record;

    private readonly HiddenMachine $hidden;

    private readonly EntryReader $reader;

    private readonly Shelf $shelf;

    private function __construct(public readonly Puzzle $puzzle, private readonly Catalogue $catalogue)
    {
        $this->hidden = $puzzle->hidden($catalogue);
        $this->reader = new EntryReader($catalogue, $this->hidden->machine());
        $this->shelf = Shelf::wellStocked($catalogue);
        $this->record = new Record([]);
    }

    /** @throws PuzzleMistake when the machine cannot be set up as it is described */
    public static function begin(Puzzle $puzzle, Catalogue $catalogue): self
    {
        $attempt = new self($puzzle, $catalogue);
        $told = $attempt->hidden->report();
        $row = Row::of($told, 'what is told');
        $told['text'] = Families::shipped()->says($row->text('reached'), $puzzle->event);
        $attempt->record = $attempt->reader->onto($attempt->record, [[...$told, 'at' => self::MORNING]]);
        $attempt->done[] = new Done(['kind' => 'report'], [$told], 0);

        return $attempt;
    }

    /** @param  list<Done>  $done as it was left */
    public static function resume(Puzzle $puzzle, Catalogue $catalogue, array $done): self
    {
        $attempt = new self($puzzle, $catalogue);
        foreach ($done as $i => $one) {
            $i === 0 ? $attempt->hidden->report() : $attempt->doAgain($one);
            $attempt->keep($one);
        }

        return $attempt;
    }

    /**
     * Does one thing to the machine.
     *
     * @param  array<string, mixed>  $deed a start, a look or an act as an entry without its outcome; or a wait: `minutes`
     *
     * @throws CaseMistake when it cannot be understood
     * @throws CannotPlay when the machine cannot answer it
     */
    public function do(array $deed, ?Guess $guess = null): Done
    {
        $done = match ($deed['kind'] ?? '') {
            'start' => $this->start($deed, $guess),
            'finding' => $this->look($deed, $guess),
            'act' => $this->act($deed, $guess),
            'wait' => $this->wait($deed),
            default => throw CannotPlay::kind(is_string($deed['kind'] ?? null) ? $deed['kind'] : 'nothing'),
        };
        $this->keep($done);

        return $done;
    }

    public function record(): Record
    {
        return $this->record;
    }

    /** @param  int  $deeds the report counts as the first */
    public function recordAfter(int $deeds): Record
    {
        $entries = array_sum(array_map(fn (Done $done): int => count($done->entries), array_slice($this->done, 0, $deeds)));

        return $this->record->upTo($entries);
    }

    public function machine(): Machine
    {
        return $this->hidden->machine();
    }

    /** @return list<string> parts of the machine that may be at fault */
    public function parts(): array
    {
        return array_values(array_map(strval(...), array_diff(array_keys($this->machine()->parts), ['outside'])));
    }

    public function shelf(): Shelf
    {
        return $this->shelf;
    }

    /** Bench minutes so far. */
    public function minutes(): int
    {
        return array_sum(array_column($this->done, 'minutes'));
    }

    /** What was bought so far, minor units. */
    public function money(): int
    {
        return array_sum(array_column($this->done, 'money'));
    }

    /**
     * The bench clock.
     *
     * @param  ?int  $deeds after so many, the report counting as the first; null = now
     */
    public function clock(?int $deeds = null): DateTimeImmutable
    {
        $done = array_slice($this->done, 0, $deeds);
        $minutes = array_sum(array_column($done, 'minutes')) + array_sum(array_column($done, 'stood'));

        return (new DateTimeImmutable(self::MORNING))->modify("+{$minutes} minutes");
    }

    private function keep(Done $done): void
    {
        $this->done[] = $done;
        $at = $this->clock()->format(DATE_ATOM);
        $this->record = $this->reader->onto(
            $this->record,
            array_map(fn (array $written): array => [...$written, 'at' => $at], $done->entries),
        );
    }

    private function doAgain(Done $done): void
    {
        $entry = $done->entries === [] ? null : $this->reader->read($this->nextNumber(), $done->entries[0]);
        match (true) {
            $entry instanceof Start => $this->hidden->start($entry->setUp),
            $entry instanceof Finding => $this->hidden->look($this->catalogue->check($entry->check), $entry->target),
            $entry instanceof ActDone => $this->change($entry),
            default => null,
        };
    }

    private function nextNumber(): int
    {
        return count($this->record->entries) + 1;
    }

    /** @param  array<string, mixed>  $deed */
    private function start(array $deed, ?Guess $guess): Done
    {
        $entry = $this->read(['kind' => 'start', 'setup' => $deed['setup'] ?? [], 'reached' => 'nothing']);
        assert($entry instanceof Start);
        $minutes = $this->minutesOf($entry);
        $harms = $this->hidden->harms();
        $written = [
            'kind' => 'start',
            'setup' => $entry->setUp->toArray(),
            'waited' => self::WAITED,
            ...$this->hidden->start($entry->setUp),
        ];

        return new Done($deed, [$written], $minutes, harms: $harms, guess: $guess);
    }

    /** @param  array<string, mixed>  $deed */
    private function look(array $deed, ?Guess $guess): Done
    {
        $wanted = array_intersect_key($deed, ['kind' => true, 'check' => true, 'target' => true]);
        $check = $this->check($wanted);
        $entry = $this->read(array_filter([...$wanted, 'result' => $check->clearResult()->id], fn (mixed $is): bool => $is !== ''));
        assert($entry instanceof Finding);
        $this->refuseOutOfReach($check);
        $minutes = $this->minutesOf($entry);
        $result = $this->hidden->look($check, $entry->target);
        $written = array_filter([
            'kind' => 'finding',
            'check' => $check->id,
            'target' => $entry->target,
            'result' => $result,
            'values' => $this->valuesOf($check, $result, $entry->target),
        ], fn (mixed $value): bool => $value !== null && $value !== []);

        return new Done($deed, [$written], $minutes, guess: $guess);
    }

    /** @param  array<string, mixed>  $deed */
    private function check(array $deed): Check
    {
        $entry = $deed['check'] ?? null;
        if (! is_string($entry) || ! isset($this->catalogue->checks[$entry])) {
            throw CaseMistake::at('/check', 'Say what you look at or measure.');
        }

        return $this->catalogue->check($entry);
    }

    /** Some looks need a machine that runs so far: nobody reads settings off a screen that stays dark. */
    private function refuseOutOfReach(Check $check): void
    {
        $from = null;
        foreach ($this->catalogue->steps as $step) {
            $from ??= $step->check === $check->id ? $step->from : null;
        }
        if ($from === null) {
            return;
        }
        $stage = $this->catalogue->stages[$from]->name;
        $last = $this->record->lastStart() ?? throw CannotPlay::notStarted($check->name, $stage);
        if ($this->catalogue->reach($last->reached)->firstStop <= $this->catalogue->stageIndex($from)) {
            throw CannotPlay::notFarEnough($check->name, $stage);
        }
    }

    /** @return array<string, float> */
    private function valuesOf(Check $check, string $result, ?string $target): array
    {
        if ($check->limit === null || ! in_array($result, ['pass', 'fail'], true)) {
            return [];
        }
        $dead = array_filter($this->puzzle->faults, fn (array $fault): bool => $fault === ['fault' => "{$target}-dead", 'part' => $target]);
        $times = count($this->record->entries);

        return SimulatedReading::of(
            $this->catalogue->limits[$check->limit],
            $result === 'pass',
            $dead !== [],
            $this->catalogue->meter,
            Draw::from("{$this->puzzle->seed} numbers {$times}"),
        );
    }

    /** @param  array<string, mixed>  $deed */
    private function act(array $deed, ?Guess $guess): Done
    {
        $wanted = array_intersect_key($deed, ['kind' => true, 'act' => true, 'on' => true, 'agent' => true]);
        $buys = is_string($wanted['act'] ?? null) && ($this->catalogue->acts[$wanted['act']]->buysPart ?? false);
        $written = $buys ? [...$wanted, 'with' => ['tag' => CatalogueMachine::NEW]] : $wanted;
        $entry = $this->read($written);
        assert($entry instanceof ActDone);
        $minutes = $this->minutesOf($entry);
        $this->change($entry);
        $act = $this->catalogue->act($entry->act);
        $parts = array_map(fn (string $part): int => $this->machine()->part($part)->kind->price, $entry->on);

        return new Done($deed, [$written], $minutes, money: $act->money + ($act->buysPart ? array_sum($parts) : 0), guess: $guess);
    }

    private function change(ActDone $entry): void
    {
        if (! $this->catalogue->act($entry->act)->buysPart) {
            $this->hidden->act($entry->act, $entry->on);

            return;
        }
        foreach ($entry->on as $part) {
            $this->hidden->fit($part);
        }
    }

    /** @param  array<string, mixed>  $deed */
    private function wait(array $deed): Done
    {
        $minutes = $deed['minutes'] ?? null;
        if (! is_int($minutes) || $minutes < 1 || $minutes > self::LONGEST_STAND) {
            throw CaseMistake::at('/minutes', 'It may stand from a minute to two days.');
        }

        return new Done($deed, [], 0, $minutes);
    }

    /** @param  array<array-key, mixed>  $written */
    private function read(array $written): Entry
    {
        return $this->reader->read($this->nextNumber(), $written);
    }

    private function minutesOf(Entry $entry): int
    {
        return (new DeedMinutes($this->catalogue, $this->machine(), $this->record, $this->shelf))->of($entry);
    }
}
