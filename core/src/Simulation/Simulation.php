<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use InvalidArgumentException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Simulation\Circuit\CircuitWorld;
use Orthoscope\Core\Simulation\Stories\StoryWorld;

/** Machines with hidden faults, played by several policies: the same machines and the same chances for each. */
final readonly class Simulation
{
    public const FRIENDLY = 'friendly';

    public const HARD = 'hard';

    /** Machines that run by physics, and share no chance, table or code with the adviser. */
    public const CIRCUIT = 'circuit';

    /** Machines that behave as the trade tells it, in a file that the adviser never reads. */
    public const STORIES = 'stories';

    public const WORLDS = [self::FRIENDLY, self::HARD, self::CIRCUIT, self::STORIES];

    /**
     * @param  string  $seed    the same seed gives the same jobs
     * @param  float  $perturb factor up to which the world's priors and noises differ from what the adviser believes; 1 = not at all
     * @param  ?float  $doubles share of jobs with two faults in this world; the catalogue's if not given
     * @param  string  $world   one of WORLDS
     */
    public function __construct(
        private Catalogue $catalogue,
        private string $seed,
        private float $perturb = 1.0,
        private ?float $doubles = null,
        private string $world = self::FRIENDLY,
    ) {
        if (
            $perturb < 1.0
            || $perturb > 10.0
            || ($doubles !== null && ($doubles < 0.0 || $doubles > 0.8))
            || ! in_array($world, self::WORLDS, true)
        ) {
            throw new InvalidArgumentException(
                'Perturb from 1 to 10, doubles from 0 to 0.8, and the world is one of '.implode(', ', self::WORLDS).'.',
            );
        }
    }

    /** @return list<string> */
    public static function policyNames(Catalogue $catalogue): array
    {
        return ['planner', 'script', 'knowing', ...array_keys($catalogue->schools)];
    }

    /** One job, by its number from 0. */
    public function play(int $job, string $policy): Result
    {
        $hidden = $this->world()->machine(Draw::from("{$this->seed} {$job} machine"));

        return Play::of($this->catalogue, $hidden, $this->policy($policy, $hidden), Draw::from("{$this->seed} {$job} lending"));
    }

    /** @param  HiddenMachine  $hidden which only who knows what is wrong looks at */
    private function policy(string $name, HiddenMachine $hidden): Policy
    {
        return match ($name) {
            'knowing' => new KnowingPolicy($hidden),
            'planner' => new PlannerPolicy,
            'script' => new ScriptPolicy($this->catalogue),
            default => new SchoolPolicy(
                $this->catalogue->schools[$name]
                    ?? throw new InvalidArgumentException(
                        "\"{$name}\" is not a known policy; known are ".implode(', ', self::policyNames($this->catalogue)).'.',
                    ),
            ),
        };
    }

    private function world(): World
    {
        if ($this->world === self::CIRCUIT) {
            return new CircuitWorld($this->catalogue);
        }
        if ($this->world === self::STORIES) {
            return new StoryWorld($this->catalogue);
        }
        if ($this->world === self::HARD) {
            return new HardWorld($this->catalogue, $this->doubles ?? $this->catalogue->number('double_share'));
        }
        $catalogue = $this->doubles === null ? $this->catalogue : Perturbed::doubles($this->catalogue, $this->doubles);

        return new FriendlyWorld(
            $this->perturb === 1.0 ? $catalogue : Perturbed::catalogue($catalogue, $this->perturb, Draw::from("{$this->seed} perturbed")),
        );
    }
}
