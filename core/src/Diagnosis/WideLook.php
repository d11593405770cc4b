<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Record;

/**
 * A record that surprises, gone through again: with sets that were dropped on the way, and with sets of three. Which are
 * looked into is chosen by what each fault alone makes of each entry; a set can explain an entry about as well as the
 * best of its faults.
 */
final readonly class WideLook
{
    /** Pairs and triples looked into. Origin: judgement. */
    private const PAIRS = 500;

    private const TRIPLES = 120;

    /** Pairs to which a third fault is added. Origin: judgement. */
    private const EXTENDED = 12;

    /**
     * @param  Replay  $replay the record under the sets looked into
     * @param  list<list<int>>  $sets   those of two and three faults
     * @param  array<int, array<array-key, float>>  $fit    entry => set => how likely the entry was under it
     */
    private function __construct(public Replay $replay, public array $sets, public array $fit)
    {
    }

    /** @param  list<array{string, string}>  $candidates spares that may be lent next: tag and part */
    public static function at(Machine $machine, Record $record, Catalogue $catalogue, array $candidates): self
    {
        [$alone, $fit] = self::watched([], $machine, $record, $catalogue, $candidates);
        $sets = self::sets($alone->prior(), $fit);
        [$replay, $fit] = self::watched($sets, $machine, $record, $catalogue, $candidates);

        return new self($replay, $sets, $fit);
    }

    /**
     * @param  list<list<int>>  $sets
     * @param  list<array{string, string}>  $candidates
     *
     * @return array{Replay, array<int, array<array-key, float>>}
     */
    private static function watched(array $sets, Machine $machine, Record $record, Catalogue $catalogue, array $candidates): array
    {
        $fit = [];
        $replay = Replay::among($sets, $machine, $record, $catalogue, candidates: $candidates, watch: function (Entry $entry, Belief $before, Belief $after) use (&$fit): void {
            if ($after->logEvidence === $before->logEvidence) {
                return;
            }
            $from = $before->bySet();
            $scale = exp($after->logEvidence - $before->logEvidence);
            foreach ($after->bySet() as $set => $w) {
                if (($from[$set] ?? 0.0) > 0.0) {
                    $fit[$entry->number][$set] = max(1e-9, min(1.0, $w * $scale / $from[$set]));
                }
            }
        });

        return [$replay, $fit];
    }

    /**
     * @param  array<int, array<array-key, float>>  $fit entry => fault => how likely the entry was under it alone
     *
     * @return list<list<int>>
     */
    private static function sets(Prior $prior, array $fit): array
    {
        $modes = array_keys($prior->alone());
        $log = [];
        foreach ($modes as $mode) {
            $log[$mode] = array_values(array_map(fn (array $byFault): float => log($byFault[$mode] ?? 1e-3), $fit));
        }
        $entries = count($fit);
        $pairs = [];
        foreach ($modes as $i => $a) {
            for ($j = $i + 1, $n = count($modes); $j < $n; $j++) {
                $b = $modes[$j];
                $weight = $prior->of([$a, $b]);
                if ($weight > 0.0) {
                    $score = log($weight);
                    [$x, $y] = [$log[$a], $log[$b]];
                    for ($e = 0; $e < $entries; $e++) {
                        $score += $x[$e] > $y[$e] ? $x[$e] : $y[$e];
                    }
                    $pairs["{$a} {$b}"] = $score;
                }
            }
        }
        arsort($pairs);
        $triples = [];
        foreach (array_keys(array_slice($pairs, 0, self::EXTENDED, true)) as $pair) {
            [$a, $b] = array_map(intval(...), explode(' ', $pair));
            foreach ($modes as $c) {
                $set = [$a, $b, $c];
                sort($set);
                $weight = $c === $a || $c === $b ? 0.0 : $prior->of($set);
                if ($weight > 0.0) {
                    $score = log($weight);
                    for ($e = 0; $e < $entries; $e++) {
                        $score += max($log[$a][$e], $log[$b][$e], $log[$c][$e]);
                    }
                    $triples[implode(' ', $set)] = $score;
                }
            }
        }
        arsort($triples);
        $chosen = [...array_keys(array_slice($pairs, 0, self::PAIRS, true)), ...array_keys(array_slice($triples, 0, self::TRIPLES, true))];

        return array_map(fn (string $set): array => array_map(intval(...), explode(' ', $set)), $chosen);
    }
}
