<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\SetUp\Lent;

/** Makes acts from their written form. */
final readonly class ActReader
{
    public function __construct(private Catalogue $catalogue, private Machine $machine)
    {
    }

    public function read(Head $head, Written $written): ActDone
    {
        $act = $written->lookedUp('act', fn (): Act => $this->catalogue->act($written->word('act')));
        $on = $this->on($act, $written);
        $begun = $written->flag('begun');
        if ($begun && ! $this->locksWhileItLasts($act)) {
            throw $written->mistake('begun', "\"{$act->name}\" is recorded once it is done, not when it has begun.");
        }
        $temporary = trim($written->word('temporary'));
        if (mb_strlen($temporary) > 80) {
            throw $written->mistake('temporary', 'Say in up to 80 letters what is still to be done.');
        }

        return new ActDone(
            $head,
            act: $act->id,
            on: $on,
            with: $begun ? null : $this->with($act, $written),
            begun: $begun,
            agent: $written->oneOfOrNull('thing it was done with', 'agent', array_keys(ActDone::AGENTS)),
            old: $written->oneOfOrNull('place for the old part', 'old', array_keys(ActDone::FATES)),
            deviation: $this->deviation($act, $written),
            temporary: $temporary,
        );
    }

    /** @return list<string> parts it was done to */
    private function on(Act $act, Written $written): array
    {
        $doneTo = new DoneTo($this->catalogue, $this->machine);
        $on = [];
        foreach ($written->words('on') as $i => $word) {
            $meant = $this->machine->meant($word);
            if ($meant === [] && ! isset($this->catalogue->parts[$word])) {
                throw $written->mistake("on/{$i}", $this->machine->unknownPart($word));
            }
            foreach ($meant as $part) {
                // What was fitted stands in the place of what was named, and of nothing else.
                array_push($on, ...$written->has('with') ? [$part] : $doneTo->parts($act, $part));
            }
        }

        return $on === [] ? throw $written->mistake('on', 'Say which part it was done to.') : array_values(array_unique($on));
    }

    /** The part that was fitted: the one that is named, or a new one where the act is a replacement. */
    private function with(Act $act, Written $written): ?Lent
    {
        if (! $written->has('with') && $act->id !== 'replace') {
            return null;
        }
        $with = $written->part('with');

        return new Lent($with->word('tag', 'new'), $with->number('trust') ?? $this->catalogue->number('new_part_trust'));
    }

    /** @return ?array{asked: float, used: float} ohms */
    private function deviation(Act $act, Written $written): ?array
    {
        if (! $written->has('asked') && ! $written->has('used')) {
            return null;
        }
        if ($act->id !== 'replace-resistor') {
            throw $written->mistake('asked', "\"{$act->name}\" has no value asked for and used; leave them out.");
        }
        $ohms = [];
        foreach (['asked', 'used'] as $field) {
            $ohms[$field] = $written->number($field);
            if ($ohms[$field] === null || $ohms[$field] < 0.0) {
                throw $written->mistake($field, 'Give both values: the one asked for and the one used, in ohms, 0 or more.');
            }
        }

        return $ohms;
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
}
