<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

/** The figures of a simulation, in lines for people. */
final class FiguresText
{
    /** @param  array<string, mixed>  $figures */
    public static function of(array $figures): string
    {
        $lines = [
            sprintf('%d jobs, seed %s, %s world, perturbed up to x%g, %g %% double faults', $figures['jobs'], $figures['seed'], $figures['world'], $figures['perturb'], 100 * $figures['doubles']),
            sprintf('Who knows what is wrong takes %.1f minutes.', $figures['bound']['minutes']),
            sprintf('%-15s %7s %7s %7s  %-22s %-22s %s', 'policy', 'mean', 'median', '90th', 'sound, no wrong part', 'wrongly condemned', 'lent / harmed'),
        ];
        foreach ($figures['policies'] as $name => $policy) {
            $lines[] = sprintf(
                '%-15s %7.1f %7.1f %7.1f  %-22s %-22s %d / %d', $name, $policy['minutes']['mean'], $policy['minutes']['median'], $policy['minutes']['p90'],
                self::share($policy['sound_no_wrong_part']), self::share($policy['wrongly_condemned']), $policy['parts_lent'], $policy['parts_harmed'],
            );
        }
        foreach ($figures['planner_against'] ?? [] as $name => $ratio) {
            $lines[] = sprintf('planner against %s: %.3f of its minutes (%.3f to %.3f)', $name, $ratio['ratio'], $ratio['low'], $ratio['high']);
        }
        foreach ($figures['policies']['planner']['calibration'] ?? [] as $bin) {
            $lines[] = sprintf('stated %.2f to %.2f: %6d times, on average %.3f, true %.3f', $bin['from'], $bin['to'], $bin['entries'], $bin['stated'], $bin['true']);
        }

        return implode("\n", $lines)."\n";
    }

    /** @param  array{share: float, low: float, high: float}  $share */
    private static function share(array $share): string
    {
        return sprintf('%.1f %% (%.1f to %.1f)', 100 * $share['share'], 100 * $share['low'], 100 * $share['high']);
    }
}
