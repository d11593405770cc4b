<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook\Chapters;

use Orthoscope\Core\Catalogue\Step;
use Orthoscope\Core\Handbook\Item;
use Orthoscope\Core\Handbook\Page;
use Orthoscope\Core\Handbook\Passage;

/** Each step that can be advised: why, what it takes, what it is made of, and what keeps it from being taken. */
final class Steps extends Chapter
{
    public function pages(): iterable
    {
        foreach ($this->catalogue->steps as $step) {
            yield new Page('step', $step->id, self::named($step->name), $step->why, [
                new Passage('What it takes', $this->takes($step)),
                new Passage('When it is offered', $this->when($step)),
                new Passage('Locked by', $this->locks($step)),
            ], $step->caution, $step->each === 'swapped' ? null : $step->each);
        }
    }

    /** @return list<Item> */
    private function takes(Step $step): array
    {
        return array_values(array_filter([
            new Item('Minutes at the bench', value: (string) $step->minutes),
            $step->check === null ? null : $this->checkItem($step->check, 'is what it makes'),
            $step->act === null ? null : $this->actItem($step->act, 'is what it does'),
            $step->each === null || $step->each === 'swapped' ? null : new Item(
                'Made on '.lcfirst($this->catalogue->part($step->each)->name),
                "part/{$step->each}",
            ),
            $step->setUp->lends ? new Item('A spare stands in; which one is chosen by trust, worth and what it decides') : null,
            $step->needs === [] ? null : new Item('Needs: '.implode(', ', $step->needs)),
            $step->login ? new Item('Goes beyond the log-in screen: the owner must have agreed') : null,
            $step->benchSupply ? new Item('A bench supply feeds the board, not its own supply') : null,
        ]));
    }

    /** @return list<Item> */
    private function when(Step $step): array
    {
        return array_values(array_filter([
            $step->from === null ? null : new Item(
                "Once a start got past “{$this->catalogue->stages[$step->from]->name}”",
                "stage/{$step->from}",
            ),
            $step->unlocks ? new Item('Only while a lock waits for it') : null,
            $step->mootAfter === null ? null : new Item(
                "Not where the last start by the button passed “{$this->catalogue->stages[$step->mootAfter]->name}”",
                "stage/{$step->mootAfter}",
            ),
            ...array_map(
                fn (string $event): Item => new Item(
                    "First, where this was told: {$this->catalogue->events[$event]->name}",
                    "event/{$event}",
                ),
                $step->whenNew,
            ),
            $step->recovers === [] ? null : new Item('Cheap recovery: it comes before a dear part is bought'),
        ]));
    }

    /** @return list<Item> */
    private function locks(Step $step): array
    {
        $items = [];
        foreach ($this->catalogue->locks as $lock) {
            $blocks = match ($lock->blocks) {
                'power' => $step->power && $step->record !== 'unlock',
                'own-supply' => $step->power && ! $step->benchSupply && in_array($step->record, ['start', 'act'], true),
                'pins' => $step->pins,
                'login' => $step->login,
                'lend' => $step->setUp->lends,
                'all' => $step->record !== 'unlock',
                default => false,
            };
            // Several locks are called the same to a person at the bench.
            $blocks && $items[$lock->name] ??= new Item($lock->name, "lock/{$lock->id}");
        }

        return array_values($items);
    }
}
