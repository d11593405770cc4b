<?php

declare(strict_types=1);

/** Run by bin/advice: draws the plots and fills the tables of docs/ADVICE.md from the figures in docs/advice; or of another such folder. */
$docs = $argv[1] ?? dirname(__DIR__, 2).'/docs';
/** @return array<string, mixed> */
$figures = fn (string $name): array => json_decode(
    (string) file_get_contents("{$docs}/advice/{$name}.json"), true, 64, JSON_THROW_ON_ERROR,
);
[$circuit, $stories, $exact, $planner, $script, $schools, $perturbed, $hard, $calls, $times] = array_map($figures, [
    'circuit',
    'stories',
    'exact',
    'planner',
    'script',
    'schools',
    'perturbed',
    'hard',
    'calls',
    'times',
]);

/** @param  array{share: float, low: float, high: float}  $s */
$percent = fn (array $s): string => sprintf('%.1f %% (%.1f–%.1f)', 100 * $s['share'], 100 * $s['low'], 100 * $s['high']);
/** @param  array{ratio: float, low: float, high: float}  $r */
$ratio = fn (array $r): string => sprintf('%.2f (%.2f–%.2f)', $r['ratio'], $r['low'], $r['high']);
/** @param  list<list<string>>  $rows */
$table = function (array $head, array $rows): string {
    $line = fn (array $cells): string => '| '.implode(' | ', $cells).' |';

    return implode("\n", [$line($head), $line(array_fill(0, count($head), '---')), ...array_map($line, $rows)]);
};

$best = null;
foreach (array_diff_key($schools['policies'], ['planner' => 1, 'script' => 1, 'knowing' => 1]) as $name => $policy) {
    $best = $best === null || $policy['minutes']['mean'] < $schools['policies'][$best]['minutes']['mean'] ? $name : $best;
}
$off = array_filter(
    $planner['policies']['planner']['calibration'],
    fn (array $bin): bool => $bin['entries'] >= 100 && abs($bin['stated'] - $bin['true']) > 0.05,
);
$more = array_column($times['milliseconds'], null, 'entries')[30]['one_more_entry'];
$p = $planner['policies']['planner'];
$calibration = fn (array $bins): string => $table(
    ['stated', 'entries', 'on average', 'true, 95 % interval'],
    array_map(
        fn (array $b): array => [
            sprintf('%.2f–%.2f', $b['from'], $b['to']),
            (string) $b['entries'],
            sprintf('%.3f', $b['stated']),
            sprintf('%.3f (%.2f–%.2f)', $b['true'], $b['low'], $b['high']),
        ],
        $bins,
    ),
);
/** @param  array<string, mixed>  $world */
$outer = fn (array $world): string => $table(
    ['policy', 'jobs', 'mean min', 'median', '90th', 'sound, no wrong part', 'wrongly condemned', 'wrong part', 'came back'],
    array_map(
        fn (string $name, array $policy): array => [
            $name,
            (string) $policy['jobs'],
            sprintf('%.0f', $policy['minutes']['mean']),
            sprintf('%.0f', $policy['minutes']['median']),
            sprintf('%.0f', $policy['minutes']['p90']),
            $percent($policy['sound_no_wrong_part']),
            $percent($policy['wrongly_condemned']),
            $percent($policy['wrong_part_replaced']),
            $percent($policy['came_back']),
        ],
        array_keys($world['policies']),
        $world['policies'],
    ),
);
/**
 * @param  list<array<string, mixed>>  $worlds
 *
 * @return list<list<string>>
 */
$asked = function (array $worlds) use ($percent, $ratio): array {
    $planners = array_map(fn (array $world): array => $world['policies']['planner'], $worlds);
    $over = fn (array $planner): string => sprintf(
        '%.3f (%.2f–%.2f) of %d',
        $planner['stated_sure']['true'],
        $planner['stated_sure']['low'],
        $planner['stated_sure']['high'],
        $planner['stated_sure']['entries'],
    );
    $error = function (array $planner): string {
        $entries = array_sum(array_column($planner['calibration'], 'entries'));
        $off = array_map(fn (array $bin): float => $bin['entries'] * abs($bin['stated'] - $bin['true']), $planner['calibration']);

        return sprintf('%.3f', array_sum($off) / max(1, $entries));
    };
    $bins = fn (array $planner): string => implode(', ', array_map(
        fn (array $bin): string => sprintf('%.2f–%.2f', $bin['from'], $bin['to']),
        array_filter($planner['calibration'], fn (array $b): bool => $b['entries'] >= 100 && abs($b['stated'] - $b['true']) > 0.07),
    )) ?: 'none';
    $against = fn (string $other): array => array_map(fn (array $world): string => $ratio($world['planner_against'][$other]), $worlds);

    $counted = fn (array $count): string => $percent($count)." of {$count['all']}";

    return [
        ['sound, no good part bought', '90 %', ...array_map(fn (array $p): string => $percent($p['sound_no_wrong_part']), $planners)],
        ['a good part condemned', 'at most 1.5 %', ...array_map(fn (array $p): string => $percent($p['wrongly_condemned']), $planners)],
        ['said to work, and at fault', 'at most 6 %', ...array_map(fn (array $p): string => $percent($p['proved_wrongly']), $planners)],
        ['misread starts and looks that were named as probably wrong', '60 %', ...array_map(
            fn (array $p): string => $counted($p['misread_named']),
            $planners,
        )],
        ['jobs without one in which some entry was so named', 'at most 8 %', ...array_map(
            fn (array $p): string => $counted($p['false_alarms']),
            $planners,
        )],
        ['jobs without one in which it was said that the entries do not fit', '', ...array_map(
            fn (array $p): string => $counted($p['said_not_to_fit']),
            $planners,
        )],
        ['stated 0.95 or more: true', '0.93', ...array_map($over, $planners)],
        ['expected calibration error', 'at most 0.04', ...array_map($error, $planners)],
        ['bins of 100 or more off by more than 0.07', 'none', ...array_map($bins, $planners)],
        ["mean minutes against a technician's script", 'at most 0.75', ...$against('script')],
        ['mean minutes against those of who knows what is wrong, and proves it as all do', 'at most 2.5', ...$against('knowing')],
        ['90th percentile against the mean', 'at most 2', ...array_map(
            fn (array $p): string => sprintf('%.1f', $p['minutes']['p90'] / $p['minutes']['mean']),
            $planners,
        )],
    ];
};
$tables = [
    'circuit' => $outer($circuit),
    'stories' => $outer($stories),
    'stated' => $calibration($circuit['policies']['planner']['calibration']),
    'stated_stories' => $calibration($stories['policies']['planner']['calibration']),
    'asked' => $table(['figure', 'wanted', 'circuit', 'told troubles'], $asked([$circuit, $stories])),
    'wanted' => $table(
        ['figure', 'wanted', 'reached, 95 % interval', 'jobs'],
        [
            ['machine sound and no wrong part replaced', '96 % or better', $percent($p['sound_no_wrong_part']), (string) $p['jobs']],
            [
                'the same, every prior and noise of the world perturbed up to x3',
                '92 %',
                $percent($perturbed['policies']['planner']['sound_no_wrong_part']),
                (string) $perturbed['jobs'],
            ],
            ['and so at the first hand-over, without a comeback', '', $percent($p['right']), (string) $p['jobs']],
            ['jobs with a wrong condemnation', 'at most 1.5 %', $percent($p['wrongly_condemned']), (string) $p['jobs']],
            [
                "mean bench minutes against the best fixed order ({$best})",
                'at most 0.65',
                $ratio($schools['planner_against'][$best]),
                (string) $schools['jobs'],
            ],
            [
                "mean bench minutes against a technician's script",
                'at most 0.85',
                $ratio($script['planner_against']['script']),
                (string) $script['jobs'],
            ],
            [
                'stated 95 % or more: true share',
                'at least .95',
                sprintf('%.3f of %d statements', $p['stated_sure']['true'], $p['stated_sure']['entries']),
                (string) $p['jobs'],
            ],
            [
                'probability bins with 100 or more entries off by more than .05',
                'none',
                $off === []
                    ? 'none'
                    : implode(
                        ', ',
                        array_map(
                            fn (array $b): string => sprintf(
                                '%.2f–%.2f (stated %.3f, true %.3f)',
                                $b['from'],
                                $b['to'],
                                $b['stated'],
                                $b['true'],
                            ),
                            $off,
                        ),
                    ),
                (string) $p['jobs'],
            ],
            [
                'one more entry on a 30-entry job and its ranked steps',
                '100 ms in the median, 200 ms at the 95th percentile',
                sprintf('median %.0f ms, 95th %.0f ms', $more['median'], $more['p95']),
                (string) $times['records'],
            ],
        ],
    ),
    'policies' => $table(
        [
            'policy',
            'jobs',
            'mean min',
            'median',
            '90th',
            'sound, no wrong part',
            'so at the first hand-over',
            'came back',
            'wrong part',
            'lent per job',
            'planner takes',
        ],
        array_map(
            fn (string $name, array $policy): array => [
                $name,
                (string) $policy['jobs'],
                sprintf('%.0f', $policy['minutes']['mean']),
                sprintf('%.0f', $policy['minutes']['median']),
                sprintf('%.0f', $policy['minutes']['p90']),
                $percent($policy['sound_no_wrong_part']),
                $percent($policy['right']),
                $percent($policy['came_back']),
                $percent($policy['wrong_part_replaced']),
                sprintf('%.1f', $policy['parts_lent'] / $policy['jobs']),
                isset($schools['planner_against'][$name]) ? $ratio($schools['planner_against'][$name]) : '',
            ],
            array_keys($schools['policies']),
            $schools['policies'],
        ),
    ),
    'exact' => $table(
        ['records', 'no test', 'one step ahead', 'the best order', 'over the best: median', '95th percentile', 'worst'],
        [[
            (string) $exact['problems'],
            sprintf('%.1f min', $exact['untested']),
            sprintf('%.1f min', $exact['one_step_ahead']),
            sprintf('%.1f min', $exact['exact']),
            sprintf('%.1f %%', 100 * ($exact['median'] - 1)),
            sprintf('%.1f %%', 100 * ($exact['p95'] - 1)),
            sprintf('%.0f %%', 100 * ($exact['worst'] - 1)),
        ]],
    ),
    'hard' => $table(
        [
            'world',
            'policy',
            'jobs',
            'mean min',
            'sound, no wrong part',
            'so at the first hand-over',
            'wrongly condemned',
            'wrong part',
            'handed on',
        ],
        array_map(
            fn (array $row): array => [
                $row[0],
                $row[1],
                (string) $row[2]['jobs'],
                sprintf('%.0f', $row[2]['minutes']['mean']),
                $percent($row[2]['sound_no_wrong_part']),
                $percent($row[2]['right']),
                $percent($row[2]['wrongly_condemned']),
                $percent($row[2]['wrong_part_replaced']),
                $percent($row[2]['handed_on']),
            ],
            [
                ['friendly', 'planner', $p],
                ['perturbed x3', 'planner', $perturbed['policies']['planner']],
                ...array_map(
                    fn (string $name, array $policy): array => ['hard', $name, $policy],
                    array_keys($hard['policies']),
                    $hard['policies'],
                ),
            ],
        ),
    ),
    'calibration' => $calibration($p['calibration']),
    'calls' => $table(
        ['asked', 'callers', 'mean questions', "mean minutes of the caller's", 'the part thought likeliest is at fault'],
        array_map(
            fn (string $order, array $row): array => [
                ['planned' => 'as the core chooses', 'fixed' => 'in the fixed order'][$order],
                (string) $calls['callers'],
                sprintf('%.1f', $row['questions']),
                sprintf('%.1f', $row['minutes']),
                sprintf('%.1f %%', 100 * $row['named']),
            ],
            array_keys($calls['orders']),
            $calls['orders'],
        ),
    ),
    'times' => $table(
        ['entries', 'fault sets', 'belief from the start', 'all from the start', 'one more entry, median', '95th percentile'],
        array_map(
            fn (array $r): array => [
                (string) $r['entries'],
                (string) $r['hypotheses'],
                "{$r['belief_from_the_start']['median']} ms",
                "{$r['all_from_the_start']['median']} ms",
                "{$r['one_more_entry']['median']} ms",
                "{$r['one_more_entry']['p95']} ms",
            ],
            $times['milliseconds'],
        ),
    ),
];
$text = (string) file_get_contents("{$docs}/ADVICE.md");
foreach ($tables as $name => $markdown) {
    $text = (string) preg_replace(
        "/(<!-- {$name} -->\n).*?(<!-- end -->)/s",
        '$1'.str_replace('$', '\$', $markdown)."\n".'$2',
        $text,
    );
}
file_put_contents("{$docs}/ADVICE.md", $text);

$box = fn (int $width, int $height): string => sprintf('viewBox="0 0 %1$d %2$d" width="%1$d" height="%2$d"', $width, $height);
$svg = fn (int $width, int $height, string $title, string $body): string => <<<SVG
<svg xmlns="http://www.w3.org/2000/svg" {$box($width, $height)} role="img" font-family="sans-serif" font-size="13">
<title>{$title}</title><rect width="{$width}" height="{$height}" fill="#fbfaf5"/>
{$body}
</svg>

SVG;

$body = '<path d="M60 20V340H420" fill="none" stroke="#20282c"/><path d="M60 340L420 20" stroke="#8a8374" stroke-dasharray="4 4"/>';
foreach ([0, 0.25, 0.5, 0.75, 1] as $at) {
    $body .= sprintf(
        '<text x="%d" y="358" text-anchor="middle">%d %%</text><text x="52" y="%d" text-anchor="end">%d %%</text>',
        60 + 360 * $at,
        100 * $at,
        344 - 320 * $at,
        100 * $at,
    );
}
foreach ($p['calibration'] as $bin) {
    $body .= sprintf(
        '<circle cx="%.1f" cy="%.1f" r="%.1f" fill="#b4541a" fill-opacity=".65"><title>stated %.3f, true %.3f, %d entries</title></circle>',
        60 + 360 * $bin['stated'],
        340 - 320 * $bin['true'],
        3 + 1.6 * log10($bin['entries'] + 1),
        $bin['stated'],
        $bin['true'],
        $bin['entries'],
    );
}
$body .= '<text x="240" y="382" text-anchor="middle">stated that a part is at fault</text>'
            .'<text x="16" y="180" text-anchor="middle" transform="rotate(-90 16 180)">it was</text>';
file_put_contents(
    "{$docs}/advice/calibration.svg",
    $svg(440, 396, 'Stated probability of a part against how often it was at fault', $body),
);

$rows = [
    'knows, proves nothing' => $schools['bound']['minutes'],
    ...array_map(fn (array $policy): float => $policy['minutes']['mean'], $schools['policies']),
];
$most = max($rows);
$body = '';
foreach (array_keys($rows) as $i => $name) {
    $y = 20 + 34 * $i;
    $body .= sprintf(
        '<text x="172" y="%d" text-anchor="end">%s</text>'
            .'<rect x="180" y="%d" width="%.1f" height="22" fill="%s"/><text x="%.1f" y="%d">%.0f</text>',
        $y + 16,
        $name,
        $y,
        (360 * $rows[$name]) / $most,
        $name === 'planner' ? '#b4541a' : '#3d474b',
        186 + (360 * $rows[$name]) / $most,
        $y + 16,
        $rows[$name],
    );
}
file_put_contents("{$docs}/advice/minutes.svg", $svg(600, 30 + 34 * count($rows), 'Mean bench minutes for a job, by policy', $body));
echo "docs/ADVICE.md, docs/advice/calibration.svg and docs/advice/minutes.svg are drawn anew.\n";
