<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook\Chapters;

use Orthoscope\Core\Electrical\LimitValue;
use Orthoscope\Core\Handbook\Item;
use Orthoscope\Core\Handbook\Page;
use Orthoscope\Core\Handbook\Passage;

/** Each set of limits: between what a value may lie, by which source, and how far a meter may be off there. */
final class Limits extends Chapter
{
    public function pages(): iterable
    {
        foreach ($this->catalogue->limits as $limit) {
            $checks = array_filter($this->catalogue->checks, fn ($check): bool => $check->limit === $limit->id);
            yield new Page(
                'limit',
                $limit->id,
                'Limits: '.str_replace('-', ' ', $limit->id),
                'A value counts as within its limits only as far as the meter can tell.',
                [
                    new Passage('Values', array_map($this->value(...), $limit->values)),
                    new Passage('Readings that are judged by them', array_values(array_map(
                        fn ($check): Item => $this->checkItem($check->id),
                        $checks,
                    ))),
                ],
            );
        }
    }

    private function value(LimitValue $value): Item
    {
        $spans = array_map(function ($nominal) use ($value): string {
            $off = $this->catalogue->meter->halfWidth($nominal->at, $value->unit);
            $meter = $off > 0.0 ? ", a common meter is off by {$off} {$value->unit} at most" : '';

            return "{$nominal->span()} {$value->unit} ({$nominal->source}){$meter}";
        }, $value->nominals);
        $said = match (true) {
            $spans !== [] => implode('; ', $spans),
            $value->equals !== null => "held against another value, within {$value->tolerance} of it and {$value->step} {$value->unit}",
            $value->reference => 'typed, and others are held against it',
            default => 'typed, and not judged by itself',
        };

        return new Item(ucfirst($value->name), value: $said.($value->source === null ? '' : " ({$value->source})"));
    }
}
