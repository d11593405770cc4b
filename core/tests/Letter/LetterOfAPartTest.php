<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Letter;

use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** A part that came alone is tried in good machines: its owner reads how it went there, and not that nobody tried it. */
final class LetterOfAPartTest extends TestCase
{
    private const TOLD = ['kind' => 'report', 'reached' => 'dark', 'text' => 'no picture'];

    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    private const WORKS = ['kind' => 'finding', 'check' => 'card-in-host', 'result' => 'works'];

    private const FAILS = ['kind' => 'finding', 'check' => 'card-in-host', 'result' => 'fails'];

    private const CLEANED = ['kind' => 'act', 'act' => 'clean-contacts', 'on' => ['card']];

    public function test_what_worked_in_good_machines_is_said_to_have_been_tried(): void
    {
        $letter = $this->letter(self::TOLD, self::WORKS, self::WORKS);
        $this->assertStringContainsString('We tried it by itself in good machines of ours, 2 times, and it worked each time.', $letter);
        $this->assertStringContainsString('In our tests it did not fail, so we do not name a cause.', $letter);
        foreach (['We have not started it', 'We tested none', 'We did not get to test', 'not tried it'] as $false) {
            $this->assertStringNotContainsString($false, $letter);
        }
    }

    public function test_a_trial_after_the_work_shows_how_it_is_now(): void
    {
        $works = $this->letter(self::TOLD, self::DARK, self::CLEANED, self::WORKS);
        $this->assertStringContainsString('We tried it by itself in a good machine of ours, and it worked.', $works);
        $this->assertStringNotContainsString('How it is now', $works);
        $fails = $this->letter(self::TOLD, self::DARK, self::CLEANED, self::FAILS);
        $this->assertStringContainsString('When we last tried it in a good machine of ours, it failed.', $fails);
        $this->assertStringContainsString('The trouble is not put right.', $fails);
        $untried = $this->letter(self::TOLD, self::FAILS, self::CLEANED);
        $this->assertStringContainsString('Since our last work we have not tried it. So we cannot say how it runs now.', $untried);
    }

    public function test_trials_that_differ_are_counted(): void
    {
        $letter = $this->letter(self::TOLD, self::WORKS, self::FAILS, self::WORKS);
        $this->assertStringContainsString('in good machines of ours, 3 times: it worked 2 times and failed once.', $letter);
        $this->assertStringNotContainsString('it did not fail', $letter);
        $this->assertStringContainsString('it failed each time', $this->letter(self::TOLD, self::FAILS, self::FAILS));
    }

    public function test_a_part_of_a_machine_that_was_tried_elsewhere_took_part_in_the_tests(): void
    {
        $letter = self::written([self::TOLD, self::DARK, ['check' => 'stick-in-host', 'target' => 'stick-1'] + self::WORKS]);
        $this->assertStringNotContainsString('by itself', $letter);
        preg_match('/We did not get to test these, so we cannot say that they are good: ([^.]*)\./', $letter, $untested);
        $this->assertStringNotContainsString('memory stick 1', $untested[1] ?? '');
        $none = self::written([self::TOLD, self::WORKS]);
        $this->assertStringNotContainsString('We tested none', $none);
        $this->assertStringContainsString('We have not started it, so we do not name a cause.', $none);
    }

    /** @param  array<string, mixed>  ...$entries */
    private function letter(array ...$entries): string
    {
        return self::written(array_values($entries), ['model' => 'Wren 6', 'alone' => 'card']);
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $machine
     */
    private static function written(array $entries, array $machine = []): string
    {
        return str_replace("\n", ' ', (new LetterWriter(Bench::catalogue()))->write(Bench::assess($entries, $machine))->text());
    }
}
