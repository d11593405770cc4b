<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Orthoscope\Core\Plain\ReadingEase;

/** What the owner is told, made from the record alone. */
final readonly class Letter
{
    /** @param  list<Section>  $sections in reading order; none is empty */
    public function __construct(public array $sections)
    {
    }

    public function text(): string
    {
        return implode("\n\n", array_map(fn (Section $s): string => $s->heading."\n".implode("\n", $s->sentences), $this->sections));
    }

    /** How easy it reads, headings and what the owner said left out. */
    public function ease(): ReadingEase
    {
        return ReadingEase::of(
            implode("\n", array_merge([], ...array_map(fn (Section $s): array => $s->id === 'told' ? [] : $s->sentences, $this->sections))),
        );
    }
}
