<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook\Chapters;

use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Handbook\Item;
use Orthoscope\Core\Handbook\Page;
use Orthoscope\Core\Handbook\Passage;

/** Each look and reading: how it is taken, what it may show and of which faults, its limits, and what to ask where it surprises. */
final class Checks extends Chapter
{
    public function pages(): iterable
    {
        foreach ($this->catalogue->checks as $check) {
            yield new Page('check', $check->id, ucfirst($check->name), $this->lead($check), [
                new Passage('How it is taken', $this->how($check)),
                ...array_map(fn ($result): Passage => new Passage("If it shows “{$result->name}”", $result->findsSomething()
                    ? array_map(
                        fn (string $fault, float $share): Item => $this->faultItem($fault, 'shows it in '.self::percent($share)),
                        array_map(strval(...), array_keys($result->shows)),
                        $result->shows,
                    )
                    : [new Item('It speaks against every fault above, by as much as it would have shown it')]), $check->results),
                new Passage('If it surprises', array_map(
                    fn (string $doubt): Item => new Item($this->catalogue->doubts[$doubt]->ask),
                    $check->asks,
                ), $check->asks === [] ? '' : 'Before it moves anything, its own set-up is asked about.'),
            ], part: isset($this->catalogue->parts[$check->at]) ? $check->at : $check->target);
        }
    }

    private function lead(Check $check): string
    {
        return match (true) {
            $check->host => 'Made in another machine that is known good.',
            $check->isSight() => 'A look. What it finds is believed: what is there is missed now and then, and hardly ever seen where it '
                .'is not.',
            $check->direct => 'Sees or measures the fault itself: enough to condemn.',
            $check->kind === 'reading' => 'A reading. It speaks for and against, and alone condemns nothing.',
            default => 'A look that speaks for and against, and alone condemns nothing.',
        };
    }

    /** @return list<Item> */
    private function how(Check $check): array
    {
        $items = [];
        foreach ($this->catalogue->steps as $step) {
            if ($step->check === $check->id) {
                $items[] = $this->stepItem($step->id);
                $step->needs === [] || $items[] = new Item('Needs: '.implode(', ', $step->needs));
            }
        }
        $check->limit === null || $items[] = new Item('Judged by these limits', "limit/{$check->limit}");
        if ($check->at !== null && isset($this->catalogue->parts[$check->at])) {
            $items[] = new Item("Taken at the {$this->name($check->at)}", "part/{$check->at}");
        }
        $check->target === null || $items[] = new Item("Made on one {$this->name($check->target)}", "part/{$check->target}");
        $check->disturbs === [] || $items[] = new Item('Moved for it: '.implode(', ', array_map($this->name(...), $check->disturbs)));

        return $items;
    }

    private function name(string $kind): string
    {
        return lcfirst($this->catalogue->part($kind)->name);
    }
}
