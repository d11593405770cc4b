<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Economy\EconomyData;
use Orthoscope\Core\Catalogue\Economy\Effect;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;

/** What a way on does besides curing: to the owner's other parts, and what it leaves unproved. */
final readonly class Besides
{
    /** Ways that put another part in. */
    private const REPLACES = ['new', 'used', 'shelf', 'claim'];

    /** @param  float  $refusedFrom belief that a part is refused from which its owner is told so, 0 to 1 */
    public function __construct(private Assessment $assessment, private EconomyData $data, private float $refusedFrom)
    {
    }

    /** @return list<string> */
    public function effects(WayOn $way): array
    {
        $kind = $way->way === 'platform'
                ? 'platform'
                : ($way->part === null || ! in_array($way->way, self::REPLACES, true)
                    ? null
                    : $this->assessment->machine->part($way->part)->kind->id);
        $always = array_column(array_filter($this->data->effects, fn (Effect $effect): bool => $effect->part === $kind), 'says');

        return [
            ...$this->isRefused($way) ? ['The old one is not bad by itself: it can go back to who sold it, or into another machine.'] : [],
            ...$kind === null || $way->from === null ? [] : (new GoesWith($this->assessment->machine))->sentences($kind, $way->from->facts),
            ...$always,
        ];
    }

    /** Whether the part that is replaced is likelier to be refused by the board than to be bad. */
    private function isRefused(WayOn $way): bool
    {
        if ($way->part === null || ! in_array($way->way, self::REPLACES, true)) {
            return false;
        }
        $part = $this->assessment->machine->part($way->part);
        $refused = $this->assessment->refusal($part->kind->id);

        return $refused >= $this->refusedFrom && $refused > ($this->assessment->standings[$part->id]->probability ?? 1.0);
    }

    /** @return list<string> */
    public function unproved(WayOn $way): array
    {
        $standing = $way->part === null ? null : $this->assessment->standings[$way->part] ?? null;
        $says = $standing !== null
            && in_array($way->way, self::REPLACES, true)
            && $standing->standing !== Standing::Condemned
                ? [ucfirst($standing->part->inSentence()).' is not condemned: '.$standing->standing->words().'.']
                : [];
        $hidden = array_map(
            fn (PartStanding $one): Part => $one->part,
            array_filter(
                $this->assessment->standings,
                fn (PartStanding $one): bool => in_array($one->standing, [Standing::Hidden, Standing::NotTested], true)
                    && ! $one->part->kind->link
                    && $one->part->id !== 'outside'
                    && $one->part->id !== $way->part,
            ),
        );
        if ($hidden !== []) {
            $says[] = 'Not proved by it: '
                .implode(', ', array_map(fn (Part $part): string => lcfirst($part->name), array_slice($hidden, 0, 5)))
                .(count($hidden) > 5 ? ' and '.(count($hidden) - 5).' more' : '')
                .'.';
        }

        return $says;
    }
}
