<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\CaseFile\CaseFile;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Reach;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Replay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The posterior equals a plain enumeration, written here on its own from the rules of the model, to 1e-9. */
final class BruteForceTest extends TestCase
{
    /** What is left of evidence, as the catalogue states it. */
    private const POWER = 0.85;

    private const FAULTS = ['supply-dead', 'board-shorted', 'settings-bad', 'stick-dead', 'slot-dirty', 'card-dead', 'board-cold'];

    /** @return iterable<string, array{list<array<string, mixed>>}> */
    public static function records(): iterable
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        yield 'one start' => [[$dark]];
        yield 'a start, settings cleared, the same' => [[$dark, ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']], $dark]];
        yield 'told to fail in two of ten starts, and cold alone' => [
            [
                ['kind' => 'report', 'reached' => 'dark', 'failed' => 2, 'of' => 10],
                ['kind' => 'report', 'reached' => 'nothing', 'only' => 'cold', 'often' => 'sometimes'],
                $dark,
            ],
        ];
        yield 'contacts cleaned, then good' => [
            [
                $dark,
                ['kind' => 'act', 'act' => 'clean-contacts', 'on' => ['slot']],
                ['kind' => 'start', 'reached' => 'stays', 'times' => 3],
            ],
        ];
    }

    /** @param  list<array<string, mixed>>  $entries */
    #[DataProvider('records')]
    public function test_posterior_equals_plain_enumeration(array $entries): void
    {
        $catalogue = $this->smallCatalogue();
        $case = CaseFile::parse(
            json_encode(
                [
                    'format' => CaseFile::FORMAT,
                    'machine' => ['memory' => ['slots' => ['A2'], 'sticks' => ['A2']]],
                    'entries' => $entries,
                ],
                JSON_THROW_ON_ERROR,
            ),
            $catalogue,
        );
        $replay = Replay::of($case->machine, $case->record, $catalogue);
        $plain = $this->enumerate($replay, $catalogue, $entries);

        foreach ($replay->model->modes->all as $i => $mode) {
            $this->assertEqualsWithDelta($plain[$i], $replay->belief->had($i), 1e-9, $mode->fault->id);
        }
    }

    /**
     * Every set of up to two modes, every way its faults can be cured along the way, one after the other.
     *
     * @param  list<array<string, mixed>>  $entries
     *
     * @return array<int, float>
     */
    private function enumerate(Replay $replay, Catalogue $catalogue, array $entries): array
    {
        $modes = $replay->model->modes->all;
        $priors = $replay->model->modes->priors;
        $known = array_keys($modes);
        $single = 1 - 0.15 - 0.01 - 0.02;
        $worlds = [[[], 0.01]];
        foreach ($known as $i) {
            $worlds[] = [[$i], ($single * $priors[$i]) / array_sum($priors)];
        }
        $pairs = [];
        foreach ($known as $i) {
            foreach ($known as $j) {
                if ($i < $j && ! $modes[$i]->alone && ! $modes[$j]->alone) {
                    $same = $modes[$i]->part === $modes[$j]->part;
                    $twice = $same && $modes[$i]->fault->id === $modes[$j]->fault->id;
                    $pairs[] = [[$i, $j], $priors[$i] * $priors[$j] * ($twice ? 0.0 : ($same ? 0.15 : 1.0))];
                }
            }
        }
        $sum = array_sum(array_column($pairs, 1));
        foreach ($pairs as [$pair, $w]) {
            $worlds[] = [$pair, (0.15 * $w) / $sum];
        }
        $had = array_fill_keys($known, 0.0);
        $total = 0.0;
        foreach ($worlds as [$set, $prior]) {
            $w = $prior * $this->follow($set, $entries, $replay, $catalogue);
            $total += $w;
            foreach ($set as $fault) {
                $had[$fault] += $w;
            }
        }

        return array_map(fn (float $w): float => $w / $total, $had);
    }

    /**
     * Probability of all that follows, with these faults there.
     *
     * @param  list<int>  $there
     * @param  list<array<string, mixed>>  $entries
     */
    private function follow(array $there, array $entries, Replay $replay, Catalogue $catalogue): float
    {
        if ($entries === []) {
            return 1.0;
        }
        $entry = array_shift($entries);
        $modes = $replay->model->modes->all;
        if ($entry['kind'] === 'act') {
            $sum = 0.0;
            foreach ($this->subsets($there) as $left) {
                $p = 1.0;
                foreach ($there as $fault) {
                    $cure = $modes[$fault]->fault->cures[$entry['act']] ?? 0.0;
                    $p *= in_array($fault, $left, true) ? 1.0 - $cure : $cure;
                }
                $sum += $p > 0.0 ? $p * $this->follow($left, $entries, $replay, $catalogue) : 0.0;
            }

            return $sum;
        }
        if ($entry['kind'] === 'report') {
            $told = $this->told($there, $entry, $replay, $catalogue) ** self::POWER;

            return $told * $this->follow($there, $entries, $replay, $catalogue);
        }
        $p = $this->reaching(
            $catalogue->reach($entry['reached']),
            $there,
            ['any', 'case', 'shop', 'button', 'this', 'alone', 'card'],
            $replay,
        );
        $noise = $catalogue->number('record_noise');
        $p = (1 - $noise) * $p + $noise / 7;

        return $p ** (self::POWER * ($entry['times'] ?? 1)) * $this->follow($there, $entries, $replay, $catalogue);
    }

    /**
     * How likely a report is: all its starts together, or words that say nothing.
     *
     * @param  list<int>  $there
     * @param  array<string, mixed>  $entry
     */
    private function told(array $there, array $entry, Replay $replay, Catalogue $catalogue): float
    {
        $under = fn (string ...$heat): array => [...$heat, 'any', 'case', 'owner', 'button', 'this', 'alone', 'card'];
        $when = isset($entry['only']) ? $under('cold') : $under();
        $fails = $this->reaching($catalogue->reach($entry['reached']), $there, $when, $replay);
        $well = $this->reaching($catalogue->reach('stays'), $there, $when, $replay);
        [$p, $flat] = isset($entry['of'])
            ? [45 * $fails ** 2 * $well ** 8, 1 / 7 / 10]
            : [
                $fails * (1 - $fails ** 3) * $this->reaching($catalogue->reach('stays'), $there, $under('warm'), $replay) ** 3,
                1 / 7 / 2 / 5,
            ];
        $noise = 1 - 0.65 * (1 - $catalogue->number('record_noise'));

        return (1 - $noise) * $p + $noise * $flat;
    }

    /**
     * @param  list<int>  $there
     * @param  list<string>  $conditions
     */
    private function reaching(Reach $reach, array $there, array $conditions, Replay $replay): float
    {
        $modes = $replay->model->modes->all;
        $p = 0.0;
        $passes = 1.0;
        for ($stage = 0; $stage < 12; $stage++) {
            foreach ($there as $fault) {
                $hazard = $modes[$fault]->stop === $stage ? $modes[$fault]->hazard->under($conditions) : 0.0;
                $p += $passes * $hazard * $this->stoppedWithin($reach, $modes[$fault], $replay->model->catalogue);
                $passes *= 1.0 - $hazard;
            }
        }

        return $p + ($reach->covers(12) ? $passes : 0.0);
    }

    /** How often a start that a fault stops ends within reach: mostly where it does, else at any of its places by their shares. */
    private function stoppedWithin(Reach $reach, Mode $mode, Catalogue $catalogue): float
    {
        $anew = 0.0;
        foreach ($mode->fault->ways as $way) {
            $anew += $reach->covers($catalogue->stageIndex($way['stops'])) ? $way['share'] : 0.0;
        }

        return (1.0 - $mode->redrawn) * ($reach->covers($mode->stop) ? 1.0 : 0.0) + $mode->redrawn * $anew;
    }

    /**
     * @param  list<int>  $set
     *
     * @return list<list<int>>
     */
    private function subsets(array $set): array
    {
        $subsets = [[]];
        foreach ($set as $item) {
            foreach ($subsets as $subset) {
                $subsets[] = [...$subset, $item];
            }
        }

        return $subsets;
    }

    private function smallCatalogue(): Catalogue
    {
        $shipped = Catalogue::shipped();
        $files = $shipped->files();
        $files['faults']['faults'] = array_values(
            array_filter($files['faults']['faults'], fn (array $row): bool => in_array($row['id'], self::FAULTS, true)),
        );
        $files['faults']['couplings'] = [];
        $files['numbers']['numbers']['prune_below']['value'] = 0.0;

        return $shipped->with($files);
    }
}
