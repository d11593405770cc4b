<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Practice;

use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Practice\Families;
use Orthoscope\Core\Practice\WorkedCourse;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The words of a worked course rest on what its machine answers; where a change of the catalogue changes that, this says so. */
final class WorkedCourseTest extends TestCase
{
    /** What the starts of each course come to, as its words have it. */
    private const STARTS = [
        'power' => ['nothing', 'nothing', 'stays'],
        'seats' => ['nothing', 'stays'],
        'memory' => ['dark', 'stays', 'dark', 'stays', 'stays'],
        'graphics' => ['dark', 'stays', 'dark', 'stays'],
        'firmware' => ['dark', 'stays', 'stays'],
        'comes-and-goes' => ['stays', 'drops', 'stays', 'drops', 'stays'],
        'two' => ['nothing', 'no-drive', 'stays', 'no-drive', 'stays'],
        'bad-spare' => ['nothing', 'nothing', 'nothing', 'stays'],
        'told' => ['dark', 'stays'],
        'wet' => ['twitch', 'stays'],
    ];

    public function test_every_family_has_one(): void
    {
        $this->assertSame(array_keys(Families::shipped()->all), array_keys(self::STARTS));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function courses(): iterable
    {
        foreach (self::STARTS as $family => $starts) {
            yield $family => [$family, $starts];
        }
    }

    /** @param  list<string>  $starts */
    #[DataProvider('courses')]
    public function test_it_shows_what_its_words_say_and_ends_well(string $family, array $starts): void
    {
        $course = WorkedCourse::of($family, Bench::catalogue());
        $record = $course->attempt->record();
        $this->assertSame($starts, array_map(fn (Start $start): string => $start->reached, $record->all(Start::class)));
        $this->assertTrue($course->isSolved());
        $worked = array_merge(...array_map(fn (ActDone $act): array => $act->on, $record->all(ActDone::class)));
        $this->assertSame([], array_diff($course->attempt->puzzle->guilty(), $worked), 'what was at fault was worked on');
        foreach (range(2, count($course->attempt->done)) as $deeds) {
            $this->assertGreaterThan(10, strlen($course->why[$deeds]), "deed {$deeds} says why");
        }
    }
}
