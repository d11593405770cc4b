<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Diagnosis\ComesAndGoes;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A machine that starts now and then proves none of its parts by starting. */
final class ComesAndGoesTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'signs' => ['fans' => 'spin']];

    private const RUNS = ['kind' => 'start', 'reached' => 'stays', 'signs' => ['fans' => 'spin']];

    private const RESEAT = ['kind' => 'act', 'act' => 'reseat', 'on' => ['card-slot']];

    /** @return iterable<string, array{list<array<string, mixed>>, bool}> */
    public static function records(): iterable
    {
        $out = ['setup' => ['out' => ['stick-2']]];

        return [
            'nothing was tried' => [[], false],
            'always the same' => [[self::DARK, self::DARK], false],
            'worse without anything done' => [[self::RUNS, self::DARK], true],
            'better without anything done' => [[self::DARK, self::RUNS], true],
            'better after something was done' => [[self::DARK, self::RESEAT, self::RUNS], false],
            'worse again after something was done' => [[self::RUNS, self::RESEAT, self::DARK], true],
            'better when put together otherwise' => [[self::DARK, $out + self::RUNS, self::DARK, $out + self::RUNS], false],
            'otherwise, and it is so there' => [[self::DARK, $out + self::RUNS, $out + self::DARK], true],
            'both in one row of starts' => [
                [['kind' => 'start', 'outcomes' => ['dark' => 1, 'stays' => 2]]],
                true,
            ],
            'a picture or no more seen than that' => [[['reached' => 'picture'] + self::DARK, self::RUNS], false],
        ];
    }

    /** @param  list<array<string, mixed>>  $entries */
    #[DataProvider('records')]
    public function test_it_does_where_one_set_up_went_now_so_and_now_so(array $entries, bool $does): void
    {
        $this->assertSame($does, ComesAndGoes::in(Bench::case($entries)->record, Bench::catalogue()));
    }

    public function test_a_start_that_goes_well_proves_parts_of_a_machine_that_is_always_alike_and_none_of_one_that_is_not(): void
    {
        $steady = array_fill(0, 4, self::RUNS);
        $fails = [...array_fill(0, 3, self::RUNS), self::DARK, self::RUNS];

        $this->assertSame([], $this->proved($fails));
        $this->assertNotSame([], $this->proved($steady));
        $this->assertSame('worked when tried', $this->standing($fails, 'main-plug')->words());
    }

    public function test_once_it_is_put_right_starts_prove_again(): void
    {
        $found = ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'plug-off'];
        $reseat = ['kind' => 'act', 'act' => 'reseat', 'on' => ['main-plug', 'cpu-plug']];
        $entries = [self::DARK, self::RUNS, self::DARK, $found, $reseat, ['times' => 6] + self::RUNS];

        $this->assertContains('board', $this->proved($entries));
    }

    public function test_less_is_asked_of_a_part_once_the_whole_machine_is_as_sound_as_is_asked(): void
    {
        $reseat = ['kind' => 'act', 'act' => 'reseat', 'on' => ['main-plug', 'cpu-plug', 'card-slot', 'panel']];
        $started = [self::DARK, $reseat, self::RUNS];
        $shown = [...$started, ['times' => 12] + self::RUNS, ['times' => 4, 'setup' => ['goal' => 'load']] + self::RUNS];
        foreach ([[$started, false], [$shown, true]] as [$entries, $isSound]) {
            $assessment = Bench::assess($entries);
            $this->assertSame($isSound, $assessment->sound >= 0.97);
            foreach ($assessment->standings as $id => $standing) {
                if ($standing->standing === Standing::Proved) {
                    $this->assertLessThanOrEqual($isSound ? 0.01 : 0.005, $standing->now, $id);
                }
                if ($standing->standing === Standing::Worked) {
                    $this->assertGreaterThan($isSound ? 0.01 : 0.005, $standing->now, $id);
                }
            }
        }
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     *
     * @return list<string>
     */
    private function proved(array $entries): array
    {
        return array_keys(
            array_filter(Bench::assess($entries)->standings, fn (PartStanding $one): bool => $one->standing === Standing::Proved),
        );
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function standing(array $entries, string $part): Standing
    {
        return Bench::assess($entries)->standings[$part]->standing;
    }
}
