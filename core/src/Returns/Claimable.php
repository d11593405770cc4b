<?php

declare(strict_types=1);

namespace Orthoscope\Core\Returns;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Diagnosis\Because;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;

/** A part of the machine that may go back to who sold it, how it stands, and what the record says for it. */
final readonly class Claimable
{
    /** What speaks for a part being at fault. */
    private const AGAINST = [Ground::Seen, Ground::Improved, Ground::CameBack];

    private function __construct(public PartStanding $standing)
    {
    }

    /** @return list<self> what is confirmed at fault first, then what is likeliest; links and what costs nothing are left out */
    public static function of(Assessment $assessment): array
    {
        $parts = array_filter(
            $assessment->standings,
            fn (PartStanding $standing): bool => ! $standing->part->kind->link && $standing->part->kind->price > 0,
        );
        // Of a part that was replaced it is the old one that goes back.
        $parts = array_map(fn (PartStanding $standing): self => new self($standing->replaced ?? $standing), array_values($parts));
        usort(
            $parts,
            fn (self $a, self $b): int => [$b->isConfirmed(), $b->standing->probability] <=> [$a->isConfirmed(), $a->standing->probability],
        );

        return $parts;
    }

    public function isConfirmed(): bool
    {
        return $this->standing->standing === Standing::Condemned;
    }

    /** Why it goes back, in words for the supplier; empty where the record says nothing against it. */
    public function reason(): string
    {
        $against = array_filter($this->standing->because, fn (Because $because): bool => in_array($because->ground, self::AGAINST, true));
        $words = array_unique(array_map(fn (Because $because): string => $because->ground->words(), $against));

        return $words === [] ? '' : "{$this->standing->part->name}: ".implode('; ', $words).'.';
    }
}
