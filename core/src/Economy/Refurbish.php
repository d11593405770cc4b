<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

use DateTimeImmutable;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Plain\Money;

/** A machine of the shop's own: what its parts cost and are worth by the evidence, and whether to build it or break it up. */
final readonly class Refurbish
{
    /**
     * @param  array<string, array{part: string, standing: Standing, good: float, cost: Money, worth: Money}>  $parts by part id
     * @param  Money  $build margin if it is made ready and sold whole, warranty reserve taken off
     * @param  Money  $break margin if its parts are sold one by one
     * @param  Money  $reserve set aside for comebacks in the warranty
     * @param  ?int  $daysLeft until the purchase can no longer be sent back; below 0 = over; null = it never could
     * @param  string  $advice one sentence
     */
    private function __construct(
        public array $parts,
        public Money $build,
        public Money $break,
        public Money $reserve,
        public ?int $daysLeft,
        public string $advice,
    ) {
    }

    /**
     * @param  int  $paid      for the machine, or for its share of a lot, minor units
     * @param  int  $toFinish  what it is still expected to cost until it runs, minor units
     * @param  ?DateTimeImmutable  $returnUntil last day on which the seller takes it back
     */
    public static function of(
        Assessment $assessment,
        Catalogue $catalogue,
        int $paid,
        int $toFinish,
        DateTimeImmutable $now,
        ?DateTimeImmutable $returnUntil = null,
    ): self {
        $terms = $catalogue->economy->refurbish;
        $sellable = array_filter(
            $assessment->standings,
            fn (PartStanding $one): bool => $one->part->kind->price > 0
                && $one->part->kind->carrier === null
                && ! in_array($one->part->kind->id, ['screen', 'kit', 'video-lead', 'wall-lead'], true),
        );
        $shares = Money::of($paid)->split(array_map(fn (PartStanding $one): int => $one->part->kind->price, $sellable));
        $parts = [];
        $apart = Money::of(0);
        $rate = $catalogue->economy->labour;
        foreach ($sellable as $id => $standing) {
            $good = 1.0 - $standing->now;
            $proved = $standing->standing === Standing::Proved ? 1.0 : $terms->unproved;
            $worth = Money::of(
                $standing->standing === Standing::Condemned
                    ? 0
                    : (int) round($good * $proved * $terms->part * $standing->part->kind->price),
            );
            $parts[$id] = [
                'part' => $standing->part->name,
                'standing' => $standing->standing,
                'good' => $good,
                'cost' => $shares[$id],
                'worth' => $worth,
            ];
            // A part that fetches less than taking it out costs is not taken out.
            $apart = $apart->plus(Money::of(max(0, $worth->minor - (int) round($terms->takeOut * $rate))));
        }
        $whole = (int) round($terms->whole * Worth::whenNew($assessment->machine));
        $reserve = Money::of(
            (int) round($terms->comeback * ($terms->warrantyMonths / 12) * ($catalogue->economy->redo * $rate + $whole / 4)),
        );
        $build = Money::of($whole - $paid - $toFinish - (int) round($terms->ready * $rate) - $reserve->minor);
        $break = $apart->minus(Money::of($paid));
        $daysLeft = $returnUntil === null ? null : (int) $now->setTime(0, 0)->diff($returnUntil->setTime(0, 0))->format('%r%a');

        $advice = self::advise($build, $break, $daysLeft, $catalogue->economy->currency);

        return new self($parts, $build, $break, $reserve, $daysLeft, $advice);
    }

    private static function advise(Money $build, Money $break, ?int $daysLeft, Currency $currency): string
    {
        $back = $daysLeft !== null && $daysLeft >= 0;

        return match (true) {
            $build->minor <= 0 && $break->minor <= 0 && $back => "Send it back: built it loses {$currency->amount(
                $build->times(-1),
            )}, ".
                "broken up {$currency->amount($break->times(-1))}. The seller takes it for {$daysLeft} more ".
                ($daysLeft === 1 ? 'day.' : 'days.'),
            $build->minor >= $break->minor => "Build it: that leaves {$currency->amount($build)}, breaking it up ".
                "{$currency->amount($break)}.",
            default => "Break it up: that leaves {$currency->amount($break)}, building it {$currency->amount($build)}.",
        };
    }

    /**
     * What each machine of a lot cost, by what the parts of each cost new.
     *
     * @param  non-empty-list<int>  $whenNew what the parts of each cost new, minor units
     *
     * @return list<Money> adding up to what was paid
     */
    public static function lot(int $paid, array $whenNew): array
    {
        return array_values(Money::of($paid)->split($whenNew));
    }
}
