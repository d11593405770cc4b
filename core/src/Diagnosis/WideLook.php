<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\Record;

/**
 * A record that surprises, or of which what explains it best was dropped on the way, gone through again: with the sets that come near to
 * explaining it, be they of three.
 */
final readonly class WideLook
{
    /**
     * @param  Replay  $replay the record under the sets looked into
     * @param  array<int, Replay>  $before entry => how it stood before it
     * @param  array<int, array<array-key, float>>  $fit    entry => set => how likely the entry was under it
     */
    private function __construct(public Replay $replay, public array $before, public array $fit)
    {
    }

    /**
     * @param  list<list<int>>  $sets of two and three faults that come near to explaining it
     * @param  list<array{string, string}>  $candidates spares that may be lent next: tag and part
     */
    public static function at(array $sets, Machine $machine, Record $record, Catalogue $catalogue, array $candidates): self
    {
        $replay = Replay::amongAt($sets, $machine, $record, $catalogue, $candidates);
        $fit = $before = [];
        foreach ($record->inForce as $entry) {
            $before[$entry->number] = $replay;
            $replay = $replay->next();
            $fit[$entry->number] = $replay->belief->fitSince($before[$entry->number]->belief);
        }

        return new self($replay, $before, array_filter($fit));
    }
}
