<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Queue\Forecast;
use Orthoscope\Core\Simulation\FriendlyWorld;
use Orthoscope\Core\Simulation\PlannerPolicy;
use Orthoscope\Core\Simulation\Play;
use Orthoscope\Core\Simulation\WatchedPolicy;

/** How often the forecast of bench minutes held on simulated jobs: one moment of each, drawn at random. */
final readonly class ForecastCommand
{
    public function __construct(private Catalogue $catalogue, private int $jobs, private string $seed)
    {
    }

    /** @return array<string, mixed> */
    public function figures(): array
    {
        $world = new FriendlyWorld($this->catalogue);
        $held = $of = 0;
        $by = [];
        for ($job = 0; $job < $this->jobs; $job++) {
            $policy = new WatchedPolicy(new PlannerPolicy);
            Play::of(
                $this->catalogue,
                $world->machine(Draw::from("{$this->seed} {$job} machine")),
                $policy,
                Draw::from("{$this->seed} {$job} lending"),
            );
            foreach ($policy->against() as $moment) {
                [$from, $to] = Forecast::minutes($moment['state']);
                $in = $moment['left'] >= $from && $moment['left'] <= $to;
                $by[$moment['state']->value][0] = ($by[$moment['state']->value][0] ?? 0) + ($in ? 1 : 0);
                $by[$moment['state']->value][1] = ($by[$moment['state']->value][1] ?? 0) + 1;
                $held += $in ? 1 : 0;
                $of++;
            }
        }
        ksort($by);

        return [
            'jobs' => $this->jobs,
            'seed' => $this->seed,
            'moments' => $of,
            'held' => $of === 0 ? 0.0 : $held / $of,
            'by' => array_map(fn (array $one): array => ['held' => $one[0] / $one[1], 'of' => $one[1]], $by),
        ];
    }
}
