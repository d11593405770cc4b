<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook\Chapters;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Handbook\Confusion;
use Orthoscope\Core\Handbook\Item;
use Orthoscope\Core\Handbook\Page;
use Orthoscope\Core\Handbook\Passage;

/** Each fault: how it shows, what shows it, what it is mistaken for and what tells the two apart, and what cures it. */
final class Faults extends Chapter
{
    /** Share of starts from which a sign is named. */
    private const NAMED = 0.1;

    /** @var array<string, string> condition of a start, in words */
    private const WHEN = [
        'any' => 'as it comes', 'cold' => 'cold', 'warm' => 'warm', 'load' => 'at work', 'hours' => 'after hours', 'case' => 'in its case',
        'bench' => 'out of it', 'owner' => "at its owner's", 'shop' => 'in the shop', 'button' => 'by the button', 'pins' => 'by the pins',
        'slow' => 'at lower clocks', 'basic' => 'with the basic driver', 'other-driver' => 'with another driver',
        'no-card' => 'without a card', 'card' => 'with one', 'used' => 'with the channel in use', 'unused' => 'without',
        'this' => 'on this output', 'other' => 'on another',
    ];

    public function __construct(Catalogue $catalogue, private readonly Confusion $confusion)
    {
        parent::__construct($catalogue);
    }

    public function pages(): iterable
    {
        foreach ($this->catalogue->faults as $fault) {
            $part = $this->catalogue->part($fault->part);
            yield new Page('fault', $fault->id, "{$part->name}: {$fault->name}", ucfirst($fault->plain).'.', [
                new Passage('Where it stops a start', [
                    ...$this->stops($fault),
                    new Item("Part: {$part->name}", "part/{$part->id}"),
                    new Item(
                        'How often',
                        value: round($fault->prior, 2).self::PER_THOUSAND.' (judgement, until the shop\'s own jobs say otherwise)',
                    ),
                ]),
                new Passage('How it behaves', $this->behaves($fault)),
                new Passage('What a start shows with it', $this->signs($fault)),
                new Passage('What shows it', $this->checks($fault)),
                new Passage('What it is mistaken for', $this->mistaken($fault), 'On a usual machine, by what an hour of looks, readings, '
                    .'lent parts and starts shows under each; with what tells the two apart best. 0 bits: nothing does; 1: it is settled.'),
                new Passage('What cures it', array_map(
                    fn (string $act, float $share): Item => $this->actItem($act, self::percent($share)),
                    array_keys($fault->cures),
                    $fault->cures,
                )),
            ], part: $part->id);
        }
    }

    /** @return list<Item> */
    private function stops(Fault $fault): array
    {
        return array_map(function (array $way) use ($fault): Item {
            $share = count($fault->ways) === 1 ? '' : self::percent($way['share']);
            if ($way['stops'] === 'none') {
                return new Item('No start shows it: only a look or a reading does', value: $share);
            }

            return new Item("Before “{$this->catalogue->stages[$way['stops']]->name}”", "stage/{$way['stops']}", $share);
        }, $fault->ways);
    }

    /** @return list<Item> */
    private function behaves(Fault $fault): array
    {
        $ways = $this->catalogue->shows[$fault->shows] ?? [];
        $items = array_map(function ($way) use ($ways): Item {
            $said = [];
            foreach ($way->hazards as $condition => $share) {
                $when = $condition === 'hazard' ? '' : self::WHEN[$condition] ?? str_replace('-', ' ', (string) $condition);
                $said[] = trim($when.' '.self::percent($share));
            }
            $of = count($ways) === 1 ? 'Share of starts that it stops' : 'Of '.self::percent($way->share).' of such machines it stops';

            return new Item($of, value: implode(', ', $said));
        }, $ways);
        $fault->steady && $items[] = new Item('A state that no cold, heat or work changes');
        $fault->arises > 0.0 && $items[] = new Item('Moving the part may bring it about', value: self::percent($fault->arises));
        if ($fault->harms > 0.0) {
            $items[] = new Item('It may harm a good part that is lent to the machine', value: self::percent($fault->harms));
        }

        return $items;
    }

    /** @return list<Item> */
    private function signs(Fault $fault): array
    {
        $stop = $fault->ways[0]['stops'];
        $items = [];
        foreach ($stop === 'none' ? [] : $this->catalogue->signs as $sign) {
            // Only where the stop or the fault says something of its own: the rest shows what it shows at any start.
            $row = $fault->signs[$sign->id] ?? $sign->rows[$stop] ?? [];
            arsort($row);
            $said = [];
            foreach ($row as $value => $share) {
                if ($share >= self::NAMED) {
                    $said[] = $sign->values[$value].' '.self::percent($share);
                }
            }
            $said === [] || $items[] = new Item(ucfirst($sign->name), "sign/{$sign->id}", implode(', ', $said));
        }

        return $items;
    }

    /** @return list<Item> */
    private function checks(Fault $fault): array
    {
        $items = [];
        foreach ($this->catalogue->checks as $check) {
            foreach ($check->results as $result) {
                if (isset($result->shows[$fault->id])) {
                    $items[] = $this->checkItem($check->id, "“{$result->name}” in ".self::percent($result->shows[$fault->id]));
                }
            }
        }

        return $items;
    }

    /** @return list<Item> */
    private function mistaken(Fault $fault): array
    {
        return array_map(fn (array $one): Item => $this->faultItem(
            $one['fault'],
            number_format($one['bits'], 2).' bits an hour; '
                .($one['trial'] === null ? 'nothing tells them apart' : 'told apart best by: '.lcfirst($one['trial'])),
        ), $this->confusion->of($fault->id));
    }
}
