<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Condition;
use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Catalogue\Showing;

/**
 * Faults that show under one condition alone: for every kind of part, every stop at which it can fail and every condition of
 * `only_under` in the catalogue. Such a fault stands on the named faults of the part that stop a start at the same stage: it has a share of
 * their prior, whatever shifts them, and their cures.
 */
final readonly class OnlyUnder
{
    /**
     * @param  list<string>  $bases faults of the same part and stop that it has a share of
     * @param  float  $share of their prior, 0 to 1
     */
    private function __construct(public Fault $fault, public array $bases, public float $share)
    {
    }

    /** @return list<self> */
    public static function all(Catalogue $catalogue): array
    {
        $at = [];
        foreach ($catalogue->faults as $fault) {
            if (! self::isPlain($fault, $catalogue) || $fault->part === 'outside' || $fault->eachChannel || $fault->steady) {
                continue;
            }
            foreach ($fault->ways as $way) {
                $at[$fault->part][$way['stops']][] = $fault;
            }
        }
        $all = [];
        foreach ($at as $part => $byStop) {
            foreach ($byStop as $stop => $bases) {
                foreach ($catalogue->onlyUnder as $condition) {
                    $all[] = new self(
                        self::fault($condition, (string) $part, (string) $stop, $bases, $catalogue),
                        array_column($bases, 'id'),
                        $condition->share * ($condition->times[$part] ?? 1.0),
                    );
                }
            }
        }

        return $all;
    }

    private static function isPlain(Fault $fault, Catalogue $catalogue): bool
    {
        $bound = array_filter($catalogue->shows[$fault->shows], fn (Showing $showing): bool => ! $showing->isPlain());

        return $bound === [];
    }

    /** @param  non-empty-list<Fault>  $bases */
    private static function fault(Condition $condition, string $part, string $stop, array $bases, Catalogue $catalogue): Fault
    {
        $cures = [];
        usort($bases, fn (Fault $a, Fault $b): int => $b->prior <=> $a->prior);
        foreach ($bases as $base) {
            foreach ($base->cures as $act => $share) {
                $cures[$act] = max($cures[$act] ?? 0.0, $catalogue->number('only_under_cured') * $share);
            }
        }

        return new Fault(
            id: "{$condition->id}-only-{$part}-{$stop}",
            part: $part,
            name: $condition->name,
            plain: "{$catalogue->part($part)->plain} {$condition->plain}",
            shows: $condition->shows,
            prior: 0.0,
            cures: $cures,
            signs: $bases[0]->signs,
            ways: [['stops' => $stop, 'share' => 1.0]],
        );
    }
}
