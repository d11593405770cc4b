<?php

declare(strict_types=1);

namespace Orthoscope\Core\Patterns;

use Orthoscope\Core\Statistics\FalseDiscoveryRate;
use Orthoscope\Core\Statistics\Fisher;
use Orthoscope\Core\Statistics\ShrunkenRate;

/**
 * Watches all closed jobs for what comes too often to be luck: each value of each attribute against all others, by Fisher's exact test,
 * corrected for looking at many (Benjamini & Hochberg), its rate drawn towards its family's.
 */
final class Watch
{
    /** Which outcomes are looked at for which attribute: a prefix of the outcome. */
    public const LOOKS = [
        'model' => ['fault:', 'cause:', 'stop:', 'sign:', 'comeback'],
        'family' => ['fault:', 'cause:'],
        'part' => ['fault:', 'cause:', 'stop:', 'comeback', 'dead'],
        'batch' => ['fault:', 'cause:', 'dead'],
        'firmware' => ['fault:', 'stop:', 'sign:'],
        'supplier' => ['dead', 'comeback'],
        'act' => ['comeback'],
        'fault' => ['comeback'],
        'spare' => ['comeback'],
        'technician' => ['comeback'],
        'bench' => ['comeback'],
    ];

    /** A pattern has at least so many jobs. Origin: judgement. */
    public const LEAST = 3;

    /**
     * Share of false finds from which a pattern is shown. The shop looks every day, so the same luck has many chances: this is strict
     * enough for at most one false one in a year of 1,000 jobs (measured, see docs/PATTERNS.md).
     */
    public const SHOWN = 0.05;

    /** As many jobs as the rate of the family counts for. Origin: judgement. */
    private const FAMILY = 20.0;

    /** Days that are looked at beside all: what began lately drowns in what was before. */
    private const LATELY = 120;

    /**
     * What stands out of all jobs, or of the latest; each pattern once, as it surprises most.
     *
     * @param  list<Seen>  $jobs
     *
     * @return list<Pattern> most surprising first
     */
    public static function over(array $jobs, float $shown = self::SHOWN): array
    {
        $last = $jobs === [] ? 0 : max(array_map(fn (Seen $job): int => $job->day, $jobs));
        $patterns = [];
        $lately = array_values(array_filter($jobs, fn (Seen $job): bool => $job->day > $last - self::LATELY));
        foreach ([[$jobs, null], [$lately, self::LATELY]] as [$some, $days]) {
            foreach (self::among($some, $shown / 2, $days) as $pattern) {
                $before = $patterns[$pattern->id()] ?? null;
                $patterns[$pattern->id()] = $before === null || $pattern->chance < $before->chance ? $pattern : $before;
            }
        }
        usort($patterns, fn (Pattern $a, Pattern $b): int => [$a->chance, $a->id()] <=> [$b->chance, $b->id()]);

        return $patterns;
    }

    /**
     * @param  list<Seen>  $jobs
     *
     * @return list<Pattern>
     */
    private static function among(array $jobs, float $shown, ?int $days): array
    {
        $counted = Counted::in($jobs, self::isLookedAt(...));
        $chances = [];
        foreach ($counted->pairs(self::LEAST) as $id => $pair) {
            // All that could stand out count as looks; those that cannot reach the least number are no looks.
            $chances[$id] = $pair->times() < self::LEAST ? 1.0 : Fisher::more(...$counted->fourfold($pair));
        }
        $patterns = [];
        foreach (FalseDiscoveryRate::falseShares($chances) as $id => $share) {
            if ($share <= $shown) {
                $patterns[] = self::pattern($counted, $counted->pair($id), $chances[$id], $share, $days);
            }
        }

        return $patterns;
    }

    private static function pattern(Counted $counted, Pair $pair, float $chance, float $share, ?int $days): Pattern
    {
        [$with, , $elsewhere] = $counted->fourfold($pair);

        return new Pattern(
            attribute: $pair->attribute,
            value: $pair->value,
            outcome: $pair->outcome,
            with: $with,
            of: $pair->of,
            elsewhere: $elsewhere,
            others: $counted->all - $pair->of,
            rate: ShrunkenRate::towards($counted->usual($pair), self::FAMILY, $with, $pair->of),
            chance: $chance,
            falseShare: $share,
            jobs: array_map(static fn (Seen $job): string => $job->job, $pair->jobs),
            days: $days,
        );
    }

    private static function isLookedAt(string $attribute, string $outcome): bool
    {
        foreach (self::LOOKS[$attribute] ?? [] as $look) {
            if (str_starts_with($outcome, $look)) {
                return true;
            }
        }

        return false;
    }
}
