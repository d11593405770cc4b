<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

use Orthoscope\Core\Plain\Row;

/** The figures of a simulation, in lines for people. */
final class FiguresText
{
    /** @param  array<string, mixed>  $figures */
    public static function of(array $figures): string
    {
        $figures = Row::of($figures, 'the figures');
        $policies = $figures->rowByName('policies');
        $head = sprintf('%d jobs, seed %s, %s world', $figures->whole('jobs'), $figures->text('seed'), $figures->text('world'));
        $lines = [
            $head.sprintf(', perturbed up to x%g, %g %% double faults', $figures->number('perturb'), 100 * $figures->number('doubles')),
            sprintf('Who knows what is wrong, and proves nothing, takes %.1f minutes.', $figures->row('bound')->number('minutes')),
            sprintf(
                '%-15s %7s %7s %7s  %-22s %-22s %s',
                'policy',
                'mean',
                'median',
                '90th',
                'sound, no wrong part',
                'wrongly condemned',
                'lent / harmed',
            ),
        ];
        foreach ($policies as $name => $policy) {
            $minutes = $policy->row('minutes');
            $lines[] =
                sprintf('%-15s %7.1f %7.1f %7.1f', $name, $minutes->number('mean'), $minutes->number('median'), $minutes->number('p90'))
                .sprintf('  %-22s %-22s', self::share($policy->row('sound_no_wrong_part')), self::share($policy->row('wrongly_condemned')))
                .sprintf(' %d / %d', $policy->whole('parts_lent'), $policy->whole('parts_harmed'));
        }
        foreach ($figures->has('planner_against') ? $figures->rowByName('planner_against') : [] as $name => $ratio) {
            $range = sprintf('(%.3f to %.3f)', $ratio->number('low'), $ratio->number('high'));
            $lines[] = sprintf('planner against %s: %.3f of its minutes %s', $name, $ratio->number('ratio'), $range);
        }
        foreach (isset($policies['planner']) ? $policies['planner']->rows('calibration', []) : [] as $bin) {
            $lines[] = sprintf('stated %.2f to %.2f: %6d times', $bin->number('from'), $bin->number('to'), $bin->whole('entries'))
                .sprintf(', on average %.3f', $bin->number('stated'))
                .sprintf(', true %.3f (%.3f to %.3f)', $bin->number('true'), $bin->number('low'), $bin->number('high'));
        }

        return implode("\n", $lines)."\n";
    }

    private static function share(Row $share): string
    {
        return sprintf('%.1f %% (%.1f to %.1f)', 100 * $share->number('share'), 100 * $share->number('low'), 100 * $share->number('high'));
    }
}
