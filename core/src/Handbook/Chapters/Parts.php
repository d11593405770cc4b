<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook\Chapters;

use Orthoscope\Core\Catalogue\PartKind;
use Orthoscope\Core\Handbook\Item;
use Orthoscope\Core\Handbook\Page;
use Orthoscope\Core\Handbook\Passage;

/** Each kind of part: its place in the chain, how it fails, how that is seen, and how it is lent and proved. */
final class Parts extends Chapter
{
    public function pages(): iterable
    {
        foreach ($this->catalogue->parts as $kind) {
            if ($kind->shelfOnly) {
                continue;
            }
            yield new Page('part', $kind->id, $kind->name, ucfirst($kind->plain).'.', [
                new Passage('In the chain', $this->chain($kind)),
                new Passage('How it fails', $this->faults($kind)),
                new Passage('How it is looked at', $this->checks($kind)),
                new Passage('What is tried with it', $this->steps($kind)),
                new Passage('Proved, condemned, lent', $this->verdicts($kind)),
            ], part: $kind->id);
        }
    }

    /** @return list<Item> */
    private function chain(PartKind $kind): array
    {
        return array_values(array_filter([
            new Item("A start must pass “{$this->catalogue->stages[$kind->stage]->name}” to have used it", "stage/{$kind->stage}"),
            $kind->stops === null ? null : new Item(
                "While it is out, “{$this->catalogue->stages[$kind->stops]->name}” cannot be reached",
                "stage/{$kind->stops}",
            ),
            $kind->carrier === null ? null : new Item(
                "It belongs to the {$this->name($kind->carrier)} and is replaced with it",
                "part/{$kind->carrier}",
            ),
            $kind->serves === null ? null : new Item("It is used with the {$this->name($kind->serves)}", "part/{$kind->serves}"),
            $kind->disturbs === [] ? null : new Item(
                'Moved whenever it is taken out or put in: '.implode(', ', array_map($this->name(...), $kind->disturbs)),
            ),
            $kind->also === [] ? null : new Item('Also called: '.implode(', ', $kind->also)),
        ]));
    }

    /** @return list<Item> */
    private function faults(PartKind $kind): array
    {
        $faults = array_filter($this->catalogue->faults, fn ($fault): bool => $fault->part === $kind->id);
        uasort($faults, fn ($a, $b): int => $b->prior <=> $a->prior);

        return array_values(array_map(
            fn ($fault): Item => new Item(ucfirst($fault->name), "fault/{$fault->id}", round($fault->prior, 2).self::PER_THOUSAND),
            $faults,
        ));
    }

    /** @return list<Item> */
    private function checks(PartKind $kind): array
    {
        $items = [];
        foreach ($this->catalogue->checks as $check) {
            $shown = 0;
            foreach ($check->results as $result) {
                foreach (array_keys($result->shows) as $fault) {
                    $shown += $this->catalogue->fault((string) $fault)->part === $kind->id ? 1 : 0;
                }
            }
            if ($shown > 0) {
                $items[] = $this->checkItem($check->id, $shown === 1 ? 'shows one of its faults' : "shows {$shown} of its faults");
            }
        }

        return $items;
    }

    /** @return list<Item> */
    private function steps(PartKind $kind): array
    {
        $items = [];
        foreach ($this->catalogue->steps as $step) {
            if ($step->each === $kind->id || in_array($kind->id, $step->on, true) || $step->setUp->out === $kind->id) {
                $items[] = $this->stepItem($step->id);
            }
        }

        return $items;
    }

    /** @return list<Item> */
    private function verdicts(PartKind $kind): array
    {
        $number = fn (string $id): string => (string) round(100 * $this->catalogue->number($id), 1).' %';

        return [
            new Item(
                $kind->shownByStart
                    ? 'Proved working: a start got past it, or a look or reading found it good, and it is at fault with '
                        ."{$number('proved_below')} at most, or {$number('proved_below_once_sound')} once the whole machine is sound; "
                        .'not while it comes and goes'
                    : 'A start that goes well says nothing of it; only a look or a reading does',
                'number/proved_below',
            ),
            new Item(
                "Condemned: at fault with {$number('condemned_from')} at least, and put back with the trouble coming back, or seen or "
                    .'measured',
                'number/condemned_from',
            ),
            $kind->lendable
                ? new Item($kind->exposed
                    ? 'It can be lent. A bad supply or board can harm it: the supply is tested first where it is worth more than that test'
                    : 'It can be lent, and a bad supply or board does it no harm')
                : new Item('It is not lent'),
            ...isset($this->catalogue->guides[$kind->id]) ? [new Item('An owner can fit it by a guide', "guide/{$kind->id}")] : [],
        ];
    }

    private function name(string $kind): string
    {
        return lcfirst($this->catalogue->part($kind)->name);
    }
}
