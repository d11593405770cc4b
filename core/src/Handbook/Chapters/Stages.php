<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook\Chapters;

use Orthoscope\Core\Handbook\Item;
use Orthoscope\Core\Handbook\Page;
use Orthoscope\Core\Handbook\Passage;

/** Each milestone of a start: what it uses, and what keeps a start from it. */
final class Stages extends Chapter
{
    public function pages(): iterable
    {
        foreach ($this->catalogue->stages as $stage) {
            $parts = $faults = [];
            foreach ($this->catalogue->parts as $kind) {
                $kind->stage === $stage->id && ! $kind->shelfOnly && $parts[] = new Item($kind->name, "part/{$kind->id}");
            }
            foreach ($this->catalogue->faults as $fault) {
                if (in_array($stage->id, array_column($fault->ways, 'stops'), true)) {
                    $faults[] = $this->faultItem($fault->id, round($fault->prior, 2).self::PER_THOUSAND);
                }
            }
            yield new Page('stage', $stage->id, "Milestone: {$stage->name}", ucfirst($stage->plain).'.', [
                new Passage('Parts that a start uses for it', $parts),
                new Passage('Faults that keep a start from it', $faults),
                new Passage('What a start that stops before it shows', $this->signs($stage->id)),
            ]);
        }
    }

    /** @return list<Item> */
    private function signs(string $stage): array
    {
        $items = [];
        foreach ($this->catalogue->signs as $sign) {
            $row = $sign->rows[$stage] ?? [];
            arsort($row);
            $said = [];
            foreach (array_slice($row, 0, 3, true) as $value => $share) {
                $said[] = $sign->values[$value].' '.self::percent($share);
            }
            $said === [] || $items[] = new Item(ucfirst($sign->name), "sign/{$sign->id}", implode(', ', $said));
        }

        return $items;
    }
}
