<?php

declare(strict_types=1);

namespace Orthoscope\Core\Words;

use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Plain\Listed;

/** Parts as the owner reads them: each once, and all of a kind as several. */
final class PartsInPlain
{
    /** @param  list<Part>  $parts */
    public static function of(array $parts): string
    {
        $names = [];
        foreach ($parts as $part) {
            $names[] = $part->kind->many && count(array_filter($parts, fn (Part $p): bool => $p->kind->id === $part->kind->id)) > 1
                ? self::several($part) : $part->kind->plain;
        }

        return Listed::of(array_values(array_unique($names)));
    }

    private static function several(Part $part): string
    {
        return match ($part->kind->id) {
            'stick' => 'the memory sticks',
            'slot' => 'the memory slots',
            default => 'the drives',
        };
    }
}
