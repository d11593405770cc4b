<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Shelf;

use DateTimeImmutable;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Shelf\Quarantine;
use Orthoscope\Core\Shelf\SpareEvent;
use Orthoscope\Core\Shelf\Trust;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What may have been harmed is kept apart until it is proved elsewhere. */
final class QuarantineTest extends TestCase
{
    private const STORIES = 400;

    public function test_coming_back_from_the_machine_that_exposed_it_frees_nothing(): void
    {
        $exposed = Quarantine::of([SpareEvent::exposed($this->at(1), 0.2, 'K2-001')]);
        $back = SpareEvent::passed($this->at(2), 'job', 'K2-001');
        $this->assertTrue($exposed->isOn());
        $this->assertFalse($exposed->takes($back));
        $this->assertTrue($exposed->after($back)->isOn());
        foreach (['tester', 'host', 'long'] as $proof) {
            $this->assertFalse($exposed->after(SpareEvent::passed($this->at(3), $proof))->isOn(), $proof);
        }
        $this->assertFalse($exposed->after(SpareEvent::passed($this->at(3), 'job', 'K2-002'))->isOn(), 'in another machine');
        $this->assertTrue($exposed->after(SpareEvent::passed($this->at(3), 'job'))->isOn(), 'in a machine nobody named');
    }

    /** Over stories drawn at random: apart from an exposure to the next proof made elsewhere, and trusted no more in between. */
    public function test_over_random_stories_only_a_proof_made_elsewhere_frees_or_raises(): void
    {
        for ($story = 0; $story < self::STORIES; $story++) {
            $draw = Draw::from("story {$story}");
            $events = [SpareEvent::added($this->at(0), 'retired')];
            $quarantine = Quarantine::of($events);
            $exposedBy = [];
            for ($day = 1; $day <= 12; $day++) {
                $machine = $draw->oneOf(['K2-001', 'K2-002', 'K2-003']);
                $event = match ($draw->oneOf(['exposed', 'back', 'back', 'proof', 'failed', 'doubted'])) {
                    'exposed' => SpareEvent::exposed($this->at($day), 0.3, $machine),
                    'back' => SpareEvent::passed($this->at($day), 'job', $machine),
                    'proof' => SpareEvent::passed($this->at($day), $draw->oneOf(['tester', 'host'])),
                    'failed' => SpareEvent::failed($this->at($day), 'job', $machine),
                    default => SpareEvent::doubted($this->at($day), 0.1, $machine),
                };
                $before = Trust::of('supply', $events, Bench::catalogue()->shelf, 0.03)->at($event->at);
                $events[] = $event;
                $after = Trust::of('supply', $events, Bench::catalogue()->shelf, 0.03)->at($event->at);
                $wasOn = $quarantine->isOn();
                $quarantine = $quarantine->after($event);
                // By hand, from the events alone.
                if (in_array($event->kind, [SpareEvent::EXPOSED, SpareEvent::FAILED], true)) {
                    $exposedBy[$machine] = true;
                } elseif ($event->kind === SpareEvent::PASSED && ($event->what !== 'job' || ! isset($exposedBy[$machine]))) {
                    $exposedBy = [];
                }
                $where = "story {$story}, day {$day}, {$event->kind} {$event->what} {$event->machine}";
                $this->assertSame($exposedBy !== [], $quarantine->isOn(), $where);
                if ($wasOn && $quarantine->isOn()) {
                    $this->assertLessThanOrEqual($before + 1e-12, $after, "{$where}: trust rose while it is kept apart");
                }
            }
        }
    }

    private function at(int $day): DateTimeImmutable
    {
        return (new DateTimeImmutable('2026-11-01 10:00'))->modify("+{$day} days");
    }
}
