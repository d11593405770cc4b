<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Simulation;

use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Simulation\Circuit\CircuitWorld;
use Orthoscope\Core\Simulation\FriendlyWorld;
use Orthoscope\Core\Simulation\HardWorld;
use Orthoscope\Core\Simulation\KnowingPolicy;
use Orthoscope\Core\Simulation\Play;
use Orthoscope\Core\Simulation\Simulation;
use Orthoscope\Core\Simulation\Stories\StoryWorld;
use Orthoscope\Core\Simulation\World;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who knows what is wrong hands back sound machines and buys nothing in vain, in every world; and still has to prove it. */
final class KnowingPolicyTest extends TestCase
{
    /** @return iterable<string, array{callable(): World}> */
    public static function worlds(): iterable
    {
        yield 'friendly' => [fn (): World => new FriendlyWorld(Bench::catalogue())];
        yield 'hard' => [fn (): World => new HardWorld(Bench::catalogue(), 0.15)];
        yield 'circuit' => [fn (): World => new CircuitWorld(Bench::catalogue())];
        yield 'stories' => [fn (): World => new StoryWorld(Bench::catalogue())];
    }

    /** @param  callable(): World  $world */
    #[DataProvider('worlds')]
    public function test_it_mends_what_it_is_given_and_proves_it(callable $world): void
    {
        for ($job = 0; $job < 6; $job++) {
            $hidden = $world()->machine(Draw::from("knowing {$job}"));
            $result = Play::of(Bench::catalogue(), $hidden, new KnowingPolicy($hidden), Draw::from('lending'));
            $wrong = (string) json_encode($result->causes);
            $this->assertSame(['finished', true, []], [$result->end, $result->sound, $result->wrongParts], $wrong);
            $this->assertGreaterThan($result->bound, $result->minutes, 'a start to see what is wrong, and one at least to prove it');
        }
    }

    public function test_its_first_deed_after_a_start_is_the_usual_repair(): void
    {
        foreach ([new CircuitWorld(Bench::catalogue()), new StoryWorld(Bench::catalogue())] as $world) {
            $hidden = $world->machine(Draw::from('usual'));
            [[$fault, $part]] = $hidden->causes();
            $written = Play::of(Bench::catalogue(), $hidden, new KnowingPolicy($hidden), Draw::from('lending'))->written;
            $usual = $hidden->usualRepair($fault);
            $this->assertSame(['start', 'act', $usual], [$written[1]['kind'], $written[2]['kind'], $written[2]['act']]);
            $this->assertSame([$part], $written[2]['on']);
        }
    }

    public function test_it_is_quicker_than_who_has_to_find_out(): void
    {
        foreach ([Simulation::CIRCUIT, Simulation::STORIES] as $world) {
            $simulation = new Simulation(Bench::catalogue(), 'quicker', world: $world);
            $minutes = ['knowing' => 0.0, 'script' => 0.0];
            foreach (array_keys($minutes) as $policy) {
                for ($job = 0; $job < 4; $job++) {
                    $minutes[$policy] += $simulation->play($job, $policy)->minutes;
                }
            }
            $this->assertLessThan(0.6 * $minutes['script'], $minutes['knowing']);
        }
    }
}
