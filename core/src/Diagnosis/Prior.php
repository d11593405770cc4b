<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Event;

/**
 * What is likely before the bench has seen anything: sets of one and of two faults. Independent priors alone would
 * make pairs far too common, so pairs get a stated share of all jobs, with couplings where one fault brings another.
 */
final class Prior
{
    /**
     * @param  list<Event>  $events what happened just before, and marks made at arrival
     * @param  float  $pruneBelow share of belief under which a state is dropped
     */
    public static function belief(Modes $modes, Catalogue $catalogue, array $events, float $pruneBelow): Belief
    {
        $priors = self::shifted($modes, $events);
        $outside = array_filter($priors, fn (int $m): bool => $modes->all[$m]->fault->part === 'outside', ARRAY_FILTER_USE_KEY);
        $known = array_diff_key($priors, $outside);
        $single = 1.0 - $catalogue->number('double_share') - $catalogue->number('sound_share') - $catalogue->number('outside_share');

        $hypotheses = [[[], $catalogue->number('sound_share')]];
        foreach ([[$known, $single], [$outside, $catalogue->number('outside_share')]] as [$group, $share]) {
            $sum = array_sum($group);
            foreach ($group as $mode => $p) {
                $hypotheses[] = [[$mode], $share * $p / $sum];
            }
        }
        $pairs = self::pairs($modes, $known, $catalogue);
        $scale = $catalogue->number('double_share') / array_sum(array_column($pairs, 1));
        foreach ($pairs as [$pair, $weight]) {
            $hypotheses[] = [$pair, $weight * $scale];
        }

        return Belief::over($hypotheses, $pruneBelow);
    }

    /**
     * @param  list<Event>  $events
     *
     * @return array<int, float> mode => prior
     */
    private static function shifted(Modes $modes, array $events): array
    {
        $priors = array_filter($modes->priors, fn (float $p): bool => $p > 0.0);
        foreach ($priors as $mode => $p) {
            foreach ($events as $event) {
                $priors[$mode] *= $event->factors[$modes->all[$mode]->fault->id] ?? 1.0;
            }
        }

        return $priors;
    }

    /**
     * @param  array<int, float>  $priors
     *
     * @return list<array{list<int>, float}>
     */
    private static function pairs(Modes $modes, array $priors, Catalogue $catalogue): array
    {
        $coupled = [];
        foreach ($catalogue->couplings as $coupling) {
            $coupled[$coupling['first']][$coupling['second']] = (float) $coupling['factor'];
            $coupled[$coupling['second']][$coupling['first']] = (float) $coupling['factor'];
        }
        $keys = array_keys($priors);
        $pairs = [];
        foreach ($keys as $i => $a) {
            for ($j = $i + 1, $n = count($keys); $j < $n; $j++) {
                $b = $keys[$j];
                if ($modes->all[$a]->part === $modes->all[$b]->part) {
                    continue;
                }
                $factor = $coupled[$modes->all[$a]->fault->id][$modes->all[$b]->fault->id] ?? 1.0;
                $pairs[] = [[$a, $b], $priors[$a] * $priors[$b] * $factor];
            }
        }

        return $pairs;
    }
}
