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
        $all = count($jobs);
        $outcomes = $values = $both = $family = [];
        foreach ($jobs as $job) {
            foreach ($job->came as $outcome) {
                $outcomes[$outcome] = ($outcomes[$outcome] ?? 0) + 1;
                $family[$job->family()][$outcome] = ($family[$job->family()][$outcome] ?? 0) + 1;
            }
            $family[$job->family()][''] = ($family[$job->family()][''] ?? 0) + 1;
            foreach (array_intersect_key($job->is, self::LOOKS) as $attribute => $ofJob) {
                $came = array_filter($job->came, fn (string $outcome): bool => self::isLookedAt($attribute, $outcome));
                foreach ($ofJob as $value) {
                    $values[$attribute][$value] = ($values[$attribute][$value] ?? 0) + 1;
                    foreach ($came as $outcome) {
                        $both[$attribute][$value][$outcome][] = $job;
                    }
                }
            }
        }
        $chances = $found = [];
        foreach ($both as $attribute => $ofValue) {
            foreach ($ofValue as $value => $ofOutcome) {
                $of = $values[$attribute][$value] ?? 0;
                foreach ($ofOutcome as $outcome => $with) {
                    $k = count($with);
                    $elsewhere = $outcomes[$outcome] - $k;
                    $id = "{$attribute}:{$value}:{$outcome}";
                    // All that could stand out count as looks; those that cannot reach the least number are no looks.
                    if ($of >= self::LEAST && $outcomes[$outcome] >= self::LEAST) {
                        $chances[$id] = $k < self::LEAST ? 1.0 : Fisher::more($k, $of - $k, $elsewhere, $all - $of - $elsewhere);
                        $found[$id] = [$attribute, (string) $value, $outcome, $with, $of, $elsewhere];
                    }
                }
            }
        }
        $patterns = [];
        foreach (FalseDiscoveryRate::falseShares($chances) as $id => $share) {
            if ($share <= $shown) {
                [$attribute, $value, $outcome, $with, $of, $elsewhere] = $found[$id];
                $home = $family[$with[0]->family()];
                $patterns[] = new Pattern(
                    $attribute,
                    $value,
                    $outcome,
                    count($with),
                    $of,
                    $elsewhere,
                    $all - $of,
                    ShrunkenRate::towards(
                        $attribute === 'model' ? ($home[$outcome] ?? 0) / $home[''] : $outcomes[$outcome] / $all,
                        self::FAMILY,
                        count($with),
                        $of,
                    ),
                    $chances[$id],
                    $share,
                    array_map(fn (Seen $job): string => $job->job, $with),
                    $days,
                );
            }
        }

        return $patterns;
    }

    private static function isLookedAt(string $attribute, string $outcome): bool
    {
        foreach (self::LOOKS[$attribute] as $look) {
            if (str_starts_with($outcome, $look)) {
                return true;
            }
        }

        return false;
    }
}
