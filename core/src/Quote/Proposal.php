<?php

declare(strict_types=1);

namespace Orthoscope\Core\Quote;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Economy\Option;
use Orthoscope\Core\Economy\WorkPrice;
use Orthoscope\Core\Plain\Many;
use Orthoscope\Core\Plain\Money;

/** Makes a variant of a quote from a way on, in the words of the owner. */
final readonly class Proposal
{
    public function __construct(private Catalogue $catalogue, private Machine $machine)
    {
    }

    /**
     * @param  int  $spent bench minutes that went into finding it
     * @param  bool  $keepData the owner asked to have data kept safe before work begins
     */
    public function variant(string $id, Option $option, int $spent, bool $keepData = false): Variant
    {
        $economy = $this->catalogue->economy;
        $lines = [];
        if ($spent > 0) {
            $lines[] = $economy->findingFixed === null
                ? QuoteLine::of('Finding the fault, '.Many::of($spent, 'minute'), 1, Money::of((int) round($spent * $economy->labour)))
                : QuoteLine::of('Finding the fault', 1, Money::of($economy->findingFixed));
        }
        if ($keepData && $economy->keepData !== null) {
            $lines[] = QuoteLine::of('Your data kept safe before we begin', 1, Money::of($economy->keepData));
        }
        $lines[] = QuoteLine::of(
            'Work, '.Many::of($option->cost->minutes, 'minute'),
            1,
            Money::of(WorkPrice::of($option->acts, $option->cost->minutes, $this->catalogue)),
        );
        if ($option->cost->parts > 0) {
            $lines[] = QuoteLine::of(
                $option->way === 'specialist' ? 'The specialist' : $this->part($option),
                1,
                Money::of($option->cost->parts),
            );
        }

        return new Variant(
            id: $id,
            name: $option->name,
            lines: $lines,
            promise: $this->promise($option),
            limits: implode(' ', $this->limits($option)),
            options: [$option->id],
            tax: $this->catalogue->economy->tax,
            taxPerLine: $this->catalogue->economy->taxPerLine,
            days: $option->cost->days,
            warrantyMonths: $option->promise->warrantyMonths,
        );
    }

    private function part(Option $option): string
    {
        return match (true) {
            $option->way === 'platform' => 'Main board, processor and memory',
            $option->part === null || ! in_array($option->way, ['new', 'used', 'shelf'], true) => 'Small parts',
            default => ucfirst((string) preg_replace('/^(the|a) /', '', $this->machine->part($option->part)->kind->plain))
                .', '
                .$this->catalogue->economy->sources[$option->way]->name,
        };
    }

    private function promise(Option $option): string
    {
        [$least, $most] = $option->cost->days;
        $days = match (true) {
            $most === 0 => 'It needs no waiting for parts.',
            $most === 1 => 'It takes about a day.',
            default => "It takes about {$least} to {$most} days.",
        };
        $warranty = $option->promise->warrantyMonths > 0
                ? 'If the same trouble comes back within '.Many::of($option->promise->warrantyMonths, 'month').', we put it right.'
                : 'We give no warranty on it. The law may give you more.';

        return "{$this->chance($option)} {$days} {$warranty}";
    }

    /** Nothing is promised for sure before the machine has run with it: the figure is what we believe, not what we have seen. */
    private function chance(Option $option): string
    {
        $cures = $option->expects->cures;
        $tenths = (int) round(10 * $cures);

        return match (true) {
            $option->end && $cures < 0.5 => 'Your machine comes back as it is.',
            ($this->catalogue->economy->ways[$option->way] ?? null)?->id === 'run-on' => 'Your machine runs on what works.',
            $cures >= 0.95 => 'We think that this puts it right. If not, we ask you before we do more.',
            $cures >= 0.8 => "We think that this puts it right: about {$tenths} in 10. If not, we ask you before we do more.",
            $cures >= 0.5 => "This may well put it right: about {$tenths} in 10. If not, we ask you before we do more.",
            default => 'This may not be all that is wrong. We ask you before we do more.',
        };
    }

    /** @return list<string> */
    private function limits(Option $option): array
    {
        $way = $this->catalogue->economy->ways[$option->way] ?? null;

        return match (true) {
            $option->way === 'salvage' => ['You leave the machine to us. Your drives come back to you.'],
            $way?->limit !== null => [$way->limit],
            $option->way === 'used' => ['The part is used. It may not last as long as a new one.'],
            default => [],
        };
    }
}
