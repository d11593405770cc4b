<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\FaultBelief;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\HandBack\Awaited;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\HandBack\Progress;
use Orthoscope\Core\Planning\NextStep;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/**
 * Plays worked courses entry by entry. Words under `then`: standing (part: one word), never (part: words that must not be said), top (the
 * likeliest part), likelier / sound (at least), fault (one fault, at least), unlikely (at most), next (step that must be among the first
 * three open ones), offers (all of them among the first seven ideas), later (none of them among the first three), locked / open (steps
 * that must or must not be locked), state, surprise, owed (count), why / unsaid (words that the sentence of advice must have, or must not).
 * What is expected is common practice, no source.
 */
final class CourseTest extends TestCase
{
    /** @param  array<string, mixed>  $course */
    #[DataProviderExternal(Courses::class, 'all')]
    public function test_course(array $course): void
    {
        $assessment = null;
        foreach (Held::assessed($course) as $entries => $assessment) {
            $where = "{$course['course']}, after entry {$entries}";
            $this->check($course['steps'][$entries - 1]['then'], $assessment, $where);
            $this->nextIsNotLocked($assessment, $where);
        }
        $this->assertNotNull($assessment, 'Nothing is expected of this course.');
        $this->isHeld(Held::of($assessment), Held::course((string) $this->dataName()), $course['course']);
    }

    public function test_what_is_held_is_of_a_course(): void
    {
        $named = fn (string $folder): array => array_map(basename(...), glob(__DIR__."/{$folder}/*.yaml") ?: []);
        $this->assertSame($named('courses'), $named('held'));
    }

    /**
     * What is said at the end is what was said before.
     *
     * @param  array<mixed>  $is
     * @param  array<mixed>  $was
     */
    private function isHeld(array $is, array $was, string $where): void
    {
        $this->assertSame(array_keys($was), array_keys($is), "{$where} differs: bin/same --hold, if it is meant to.");
        foreach ($is as $what => $one) {
            match (true) {
                is_array($one) => $this->isHeld($one, (array) $was[$what], "{$where}, {$what}"),
                is_float($one) => $this->assertEqualsWithDelta($was[$what], $one, Held::CLOSE * max(1.0, abs($one)), "{$where}, {$what}"),
                default => $this->assertSame($was[$what], $one, "{$where}, {$what}"),
            };
        }
    }

    /** Locks come before every sentence: what is called the next is never a step that is locked. */
    private function nextIsNotLocked(Assessment $assessment, string $where): void
    {
        $locked = array_filter($assessment->advice->steps, fn (NextStep $step): bool => ! $step->isOpen());
        $this->assertNotContains(
            Progress::of($assessment, Plan::of($assessment, Catalogue::shipped()), new Awaited)->next,
            array_map(fn (NextStep $step): string => $step->candidate->name(), $locked),
            $where,
        );
        // A part that may have two faults is still one part.
        foreach ($assessment->advice->steps as $step) {
            foreach ($step->outcomes as $outcome) {
                $this->assertLessThanOrEqual(1.0 + 1e-9, max([0.0, ...array_values($outcome->parts)]), $where);
            }
        }
    }

    /** @param  array<string, mixed>  $then */
    private function check(array $then, Assessment $assessment, string $where): void
    {
        foreach ($then as $what => $expected) {
            match ($what) {
                'standing' => $this->standings($expected, $assessment, $where),
                'never' => $this->standingsNever($expected, $assessment, $where),
                'top' => $this->assertContains($this->likeliest($assessment), (array) $expected, "{$where}: likeliest part"),
                'likelier' => $this->probableAtLeast($expected, $assessment, $where),
                'fault' => $this->faultAtLeast($expected, $assessment, $where),
                'unlikely' => $this->probableAtMost($expected, $assessment, $where),
                'sound' => $this->assertGreaterThanOrEqual($expected, $assessment->sound, "{$where}: sound"),
                'next' => $this->assertNotEmpty(
                    array_intersect((array) $expected, $this->open($assessment)),
                    "{$where}: next was ".implode(', ', $this->open($assessment)),
                ),
                'offers' => $this->assertSame(
                    [],
                    array_values(array_diff((array) $expected, $this->ideas($assessment))),
                    "{$where}: offered were ".implode(', ', $this->ideas($assessment)),
                ),
                'later' => $this->assertSame(
                    [],
                    array_values(array_intersect((array) $expected, $this->open($assessment))),
                    "{$where}: next was ".implode(', ', $this->open($assessment)),
                ),
                'why' => $this->assertStringContainsString($expected, $assessment->advice->why, $where),
                'unsaid' => $this->assertStringNotContainsString($expected, $assessment->advice->why, $where),
                'locked' => $this->locks((array) $expected, true, $assessment, $where),
                'open' => $this->locks((array) $expected, false, $assessment, $where),
                'gone' => $this->gone((array) $expected, $assessment, $where),
                'state' => $this->assertSame($expected, $assessment->advice->state->value, "{$where}: {$assessment->advice->why}"),
                'surprise' => $this->assertSame(
                    $expected,
                    [$assessment->surprise->level !== 'none', $assessment->surprise->entry],
                    "{$where}: surprise",
                ),
                'owed' => $this->assertCount($expected, $assessment->proof->owed, "{$where}: ".implode(' ', $assessment->proof->owed)),
                default => $this->fail("{$where}: \"{$what}\" is not a word of courses."),
            };
        }
    }

    /** @param  array<string, string>  $expected */
    private function standings(array $expected, Assessment $assessment, string $where): void
    {
        foreach ($expected as $part => $standing) {
            $is = $assessment->standings[$part];
            $this->assertContains(
                $is->standing,
                array_map(Standing::from(...), explode('|', $standing)),
                "{$where}: {$part} at {$is->probability}",
            );
            if (in_array($is->standing, [Standing::Proved, Standing::Condemned, Standing::Provisional, Standing::NotAlone], true)) {
                $this->assertNotSame([], $is->because, "{$where}: {$part} has no entry behind it");
            }
        }
    }

    /** @param  array<string, string>  $expected */
    private function standingsNever(array $expected, Assessment $assessment, string $where): void
    {
        foreach ($expected as $part => $standings) {
            $this->assertNotContains($assessment->standings[$part]->standing->value, explode('|', $standings), "{$where}: {$part}");
        }
    }

    /** @param  array<string, float>  $expected */
    private function probableAtLeast(array $expected, Assessment $assessment, string $where): void
    {
        foreach ($expected as $part => $p) {
            $this->assertGreaterThanOrEqual($p, $assessment->standings[$part]->probability, "{$where}: {$part}");
        }
    }

    /** @param  array<string, float>  $expected */
    private function faultAtLeast(array $expected, Assessment $assessment, string $where): void
    {
        foreach ($expected as $fault => $p) {
            $held = array_filter($assessment->faults, fn (FaultBelief $belief): bool => $belief->fault->id === $fault);
            $this->assertGreaterThanOrEqual($p, array_sum(array_column($held, 'probability')), "{$where}: {$fault}");
        }
    }

    /** @param  array<string, float>  $expected */
    private function probableAtMost(array $expected, Assessment $assessment, string $where): void
    {
        foreach ($expected as $part => $p) {
            $this->assertLessThanOrEqual($p, $assessment->standings[$part]->probability, "{$where}: {$part}");
        }
    }

    /** @param  list<string>  $steps */
    private function locks(array $steps, bool $locked, Assessment $assessment, string $where): void
    {
        foreach ($steps as $id) {
            $step = $assessment->advice->step($id);
            $this->assertNotNull($step, "{$where}: {$id} is not offered");
            $this->assertSame($locked, $step->lockedBy !== [], "{$where}: {$id}");
        }
    }

    /** @param  list<string>  $steps that are not offered: nothing is left to learn from them, or they make no sense any more */
    private function gone(array $steps, Assessment $assessment, string $where): void
    {
        $offered = array_map(fn (NextStep $step): string => $step->candidate->id(), $assessment->advice->steps);
        $this->assertSame([], array_values(array_intersect($steps, $offered)), "{$where}: still offered");
    }

    private function likeliest(Assessment $assessment): string
    {
        $parts = array_map(fn ($s): float => $s->probability, $assessment->standings);
        arsort($parts);

        return (string) array_key_first($parts);
    }

    /** @return list<string> */
    private function open(Assessment $assessment, int $first = 3): array
    {
        $open = array_filter($assessment->advice->steps, fn (NextStep $step): bool => $step->isOpen());

        return array_map(fn (NextStep $step): string => $step->candidate->id(), array_slice($open, 0, $first));
    }

    /** @return list<string> what is shown at the bench first */
    private function ideas(Assessment $assessment): array
    {
        return array_map(fn (NextStep $step): string => $step->candidate->id(), array_slice($assessment->advice->ideas(), 0, 7));
    }
}
