<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\CommandLine;

use Orthoscope\Core\CommandLine\FiguresText;
use Orthoscope\Core\Simulation\Figures;
use Orthoscope\Core\Simulation\Result;
use PHPUnit\Framework\TestCase;

final class FiguresTextTest extends TestCase
{
    public function test_every_figure_is_said_in_its_line(): void
    {
        $of = fn (string $policy, float $minutes): Result => new Result(
            policy: $policy,
            causes: [['cpu-dead', 'processor']],
            end: 'finished',
            sound: true,
            wrongParts: [],
            wrongly: [],
            minutes: $minutes,
            lent: 2,
            harmed: 1,
            entries: 6,
            stated: [[0.55, true, 'processor']],
            bound: 25.0,
            comebacks: 0,
        );
        $planner = [$of('planner', 40.0), $of('planner', 60.0)];
        $script = [$of('script', 100.0), $of('script', 100.0)];
        $text = FiguresText::of([
            'jobs' => 2,
            'seed' => 'mine',
            'world' => 'friendly',
            'perturb' => 1.0,
            'doubles' => 0.15,
            'policies' => ['planner' => Figures::of($planner), 'script' => Figures::of($script)],
            'bound' => ['minutes' => Figures::bound($planner)],
            'planner_against' => ['script' => Figures::ratio($planner, $script)],
        ]);
        foreach (
            [
                '2 jobs, seed mine, friendly world, perturbed up to x1, 15 % double faults',
                'Who knows what is wrong, and proves nothing, takes 25.0 minutes.',
                'planner            50.0    60.0    60.0  100.0 % (15.8 to 100.0)',
                '4 / 2',
                'planner against script: 0.500 of its minutes',
                'stated 0.50 to 0.60:      2 times, on average 0.550, true 1.000 (1.000 to 1.000)',
            ] as $expected
        ) {
            $this->assertStringContainsString($expected, $text);
        }
    }
}
