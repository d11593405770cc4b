<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Catalogue\Reach;
use Orthoscope\Core\Diagnosis\FaultSets;
use Orthoscope\Core\Diagnosis\FindingLikelihood;
use Orthoscope\Core\Diagnosis\LikelihoodOfMany;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Diagnosis\StartLikelihood;
use Orthoscope\Core\Diagnosis\ToldLikelihood;
use Orthoscope\Core\Diagnosis\ToldTrialLikelihood;
use Orthoscope\Core\SetUp\Manner;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is worked out for many sets at once is what each of them gives by itself, to the last bit. */
final class LikelihoodOfManyTest extends TestCase
{
    #[DataProvider('likelihoods')]
    public function test_many_at_once_are_each_by_itself(string $which): void
    {
        $replay = Bench::replay([['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']]]);
        $seen = self::likelihood($which, $replay);
        $sets = self::sets(count($replay->model->modes->all));
        $of = range(0, $sets->count() - 1);
        $alone = array_map(fn (int $set): float => $seen->given($sets->faults($set)), $of);
        $this->assertSame($alone, $seen->ofEach($sets, $of));
        $this->assertSame(array_reverse($alone), $seen->ofEach($sets, array_reverse($of)));
        $this->assertGreaterThan(1, count(array_unique($alone)), 'What was seen tells the sets apart.');
    }

    /** @return iterable<string, array{string}> */
    public static function likelihoods(): iterable
    {
        $starts = ['a start', 'a start told', 'starts told', 'seldom', 'only cold', 'every time'];
        foreach ([...$starts, 'a find', 'nothing found', 'a meter'] as $which) {
            yield $which => [$which];
        }
    }

    private static function likelihood(string $which, Replay $replay): LikelihoodOfMany
    {
        [$catalogue, $model] = [Bench::catalogue(), $replay->model];
        $hazards = $model->hazards(new SetUp, []);
        $cut = $model->cut(new SetUp);
        $reach = $catalogue->reach('dark');
        $signs = ['lamp' => 'memory'];
        $told = fn (Manner $manner, ?Reach $reach): ToldLikelihood => ToldLikelihood::of(
            $model,
            [],
            $manner,
            $reach,
            $reach === null ? [] : $signs,
            $replay->shown,
            0.8,
        );
        $check = fn (string $id, string $result, float $sureness = 1.0): FindingLikelihood => FindingLikelihood::of(
            $model->modes,
            $catalogue->check($id),
            null,
            $result,
            0.05,
            sureness: $sureness,
        );

        return match ($which) {
            'a start' => StartLikelihood::of($model, $hazards, $cut, $reach, $signs, $replay->shown),
            'a start told' => StartLikelihood::of($model, $hazards, $cut, $reach, [], $replay->shown, trust: 0.6),
            'starts told' => ToldTrialLikelihood::of($model, $hazards, $cut, $reach, $signs, $replay->shown, 0.7, 3),
            'seldom' => $told(self::told(failed: 2, of: 10), $reach),
            'only cold' => $told(self::told(Manner::SOMETIMES, 'cold'), null),
            'every time' => $told(self::told(Manner::ALWAYS), $reach),
            'a find' => $check('look-board', $catalogue->check('look-board')->results[0]->id),
            'nothing found' => $check('look-board', 'clear'),
            default => $check('standby-current', $catalogue->check('standby-current')->results[0]->id, 0.9),
        };
    }

    private static function told(?string $often = null, ?string $only = null, ?int $failed = null, ?int $of = null): Manner
    {
        return Manner::told($often, $only, $failed, $of) ?? self::fail('That tells nothing.');
    }

    /** None, all single ones, some hundreds of pairs, and sets of three and four. */
    private static function sets(int $modes): FaultSets
    {
        $all = [[], ...array_map(fn (int $mode): array => [$mode], range(0, $modes - 1))];
        for ($i = 0; $i < 400; $i++) {
            $all[] = [$i % 37, 40 + ($i * 97) % ($modes - 40)];
        }

        return FaultSets::of([...$all, [3, 50, 200], [1, 2, 90, 300]]);
    }
}
