<?php

declare(strict_types=1);

namespace Orthoscope\Core\SetUp;

use Orthoscope\Core\Plain\Row;

/** How a machine is put together for a start, as differences from how it came in. */
final readonly class SetUp
{
    /** Where a card or drive was moved to: a slot or port that is not its own. Boards name these in too many ways. */
    public const OTHER_SLOT = 'second';

    /** What is attached to look, and may itself keep a board from starting. */
    public const TOOLS = ['code-card' => 'a code card', 'clip' => 'a test lead or clip', 'programmer' => 'a programmer on a header'];

    /** Worked out once: it is asked for wherever two set-ups are compared. */
    private string $key;

    /**
     * @param  list<string>  $out   parts taken out
     * @param  array<string, Lent>  $lent  part => the spare in its place
     * @param  array<string, string>  $moved stick => the slot it was moved to; card or drive => OTHER_SLOT
     * @param  bool  $otherOutput the screen is on another output than it came with
     * @param  list<string>  $attached keys of TOOLS
     * @param  bool  $basicDriver the system runs with its basic driver for the picture only
     * @param  ?string  $otherDriver another of the maker's drivers than it came with, by its name; empty where nobody named it
     * @param  bool  $lowClocks  memory, processor or card run slower than rated
     */
    public function __construct(
        public array $out = [],
        public array $lent = [],
        public array $moved = [],
        public Place $place = Place::InCase,
        public StartBy $startBy = StartBy::Button,
        public ?Temperature $temperature = null,
        public Goal $goal = Goal::System,
        public bool $otherOutput = false,
        public array $attached = [],
        public bool $basicDriver = false,
        public bool $lowClocks = false,
        public ?string $otherDriver = null,
    ) {
        $this->key = json_encode($this->toArray(), JSON_THROW_ON_ERROR);
    }

    /** @param  array<array-key, mixed>  $given the "setup" of a start in a case file */
    public static function fromArray(array $given): self
    {
        return self::fromRow(Row::of($given, 'the set-up'));
    }

    public static function fromRow(Row $given): self
    {
        $out = array_values(array_unique($given->texts('out', [])));
        sort($out);
        $lent = array_map(Lent::fromRow(...), $given->has('lent') ? $given->rowByName('lent') : []);
        ksort($lent);
        $moved = $given->textByName('moved', []);
        ksort($moved);

        return new self(
            out: $out,
            lent: $lent,
            moved: $moved,
            place: Place::from($given->text('place', 'case')),
            startBy: StartBy::from($given->text('start_by', 'button')),
            temperature: $given->has('temperature') ? Temperature::from($given->text('temperature')) : null,
            goal: Goal::from($given->text('goal', 'system')),
            otherOutput: $given->text('output', '') === 'other',
            attached: $given->texts('attached', []),
            basicDriver: $given->text('driver', '') === 'basic',
            lowClocks: $given->text('clocks', '') === 'low',
            otherDriver: $given->text('driver', '') === 'other' ? $given->text('driver_named', '') : null,
        );
    }

    /** @return array<string, mixed> the same, as written in a case file; empty where it is as it came */
    public function toArray(): array
    {
        return array_filter([
            'out' => $this->out,
            'lent' => array_map(fn (Lent $lent): array => ['tag' => $lent->tag, 'trust' => $lent->trust], $this->lent),
            'moved' => $this->moved,
            'place' => $this->place === Place::InCase ? null : $this->place->value,
            'start_by' => $this->startBy === StartBy::Button ? null : $this->startBy->value,
            'temperature' => $this->temperature?->value,
            'goal' => $this->goal === Goal::System ? null : $this->goal->value,
            'output' => $this->otherOutput ? 'other' : null,
            'attached' => $this->attached,
            'driver' => $this->basicDriver ? 'basic' : ($this->otherDriver === null ? null : 'other'),
            'driver_named' => $this->otherDriver,
            'clocks' => $this->lowClocks ? 'low' : null,
        ]);
    }

    /** The same for two set-ups that are put together alike. */
    public function key(): string
    {
        return $this->key;
    }

    /** The same with the machine's own parts wherever another was put in. */
    public function withoutLent(): self
    {
        return $this->withParts($this->out, [], $this->moved);
    }

    public function isOut(string $part): bool
    {
        return in_array($part, $this->out, true);
    }

    public function isLent(string $part): bool
    {
        return isset($this->lent[$part]);
    }

    /** Whether the machine's own part is in. */
    public function hasOwn(string $part): bool
    {
        return ! $this->isOut($part) && ! $this->isLent($part);
    }

    /** What stands in the place of a part, as one word that can be compared. */
    public function stateOf(string $part): string
    {
        return match (true) {
            $this->isOut($part) => 'out',
            $this->isLent($part) => 'lent '.$this->lent[$part]->tag,
            isset($this->moved[$part]) => 'in '.$this->moved[$part],
            default => 'own',
        };
    }

    /**
     * Parts that stand differently in another set-up.
     *
     * @return list<string>
     */
    public function partsChangedTo(self $other): array
    {
        $named = array_unique(
            array_merge(
                $this->out,
                array_keys($this->lent),
                array_keys($this->moved),
                $other->out,
                array_keys($other->lent),
                array_keys($other->moved),
            ),
        );

        return array_values(array_filter($named, fn (string $part): bool => $this->stateOf($part) !== $other->stateOf($part)));
    }

    /** Whether the same parts are in the same places, whatever it is started under. */
    public function isPutTogetherAs(self $other): bool
    {
        return $this->partsChangedTo($other) === []
            && $this->place === $other->place
            && $this->otherOutput === $other->otherOutput
            && $this->attached === $other->attached;
    }

    /** The same set-up with one part as it stands in another. */
    public function with(string $part, self $other): self
    {
        $set = $this->restoring($part);
        $lent = $set->lent + array_intersect_key($other->lent, [$part => true]);
        $moved = $set->moved + array_intersect_key($other->moved, [$part => true]);
        $out = $other->isOut($part) ? [...$set->out, $part] : $set->out;
        sort($out);
        ksort($lent);
        ksort($moved);

        return $this->withParts($out, $lent, $moved);
    }

    /** The same set-up with the machine's own part back in its own place. */
    public function restoring(string $part): self
    {
        $lent = $this->lent;
        $moved = $this->moved;
        unset($lent[$part], $moved[$part]);

        return $this->withParts(array_values(array_diff($this->out, [$part])), $lent, $moved);
    }

    /**
     * @param  list<string>  $out
     * @param  array<string, Lent>  $lent
     * @param  array<string, string>  $moved
     */
    private function withParts(array $out, array $lent, array $moved): self
    {
        return new self(
            out: $out,
            lent: $lent,
            moved: $moved,
            place: $this->place,
            startBy: $this->startBy,
            temperature: $this->temperature,
            goal: $this->goal,
            otherOutput: $this->otherOutput,
            attached: $this->attached,
            basicDriver: $this->basicDriver,
            lowClocks: $this->lowClocks,
            otherDriver: $this->otherDriver,
        );
    }

    /** Whether nothing stands otherwise than it came; how cold it is and how long it runs changes no part. */
    public function changesNoPart(): bool
    {
        return (new self(temperature: $this->temperature, goal: $this->goal))->key() === $this->key();
    }

    /**
     * Whether what another would change was changed under this one too, whatever else was. A part that is changed is so in the case and out
     * of it; where no part is, it is about the place and the button.
     */
    public function isAlso(self $asked): bool
    {
        $changed = $asked->partsChangedTo(new self);
        $differs = array_filter($changed, fn (string $part): bool => $this->stateOf($part) !== $asked->stateOf($part));
        $isSoPlaced = ($asked->place === Place::InCase || $asked->place === $this->place)
            && ($asked->startBy === StartBy::Button || $asked->startBy === $this->startBy);

        return $differs === [] && ($changed !== [] || $isSoPlaced) && (! $asked->otherOutput || $this->otherOutput);
    }

    /** Whether a start under this one was at least what is asked: with the machine's own parts, as cold or warm, as hard and as long. */
    public function isAtLeast(self $asked): bool
    {
        return $this->lent === []
            && $this->attached === []
            && ! $this->basicDriver
            && $this->otherDriver === null
            && ! $this->lowClocks
            && $this->out === []
            && $this->isAsHardAs($asked);
    }

    /** Whether it is run at work, for a while or for hours. */
    public function isAtWork(): bool
    {
        return in_array($this->goal, [Goal::Load, Goal::Hours], true);
    }

    /** Whether a start under this one was as cold or warm, as hard and as long as under another. */
    public function isAsHardAs(self $other): bool
    {
        return ($other->temperature === null || $other->temperature === $this->temperature)
            && array_search($this->goal, Goal::cases(), true) >= array_search($other->goal, Goal::cases(), true);
    }
}
