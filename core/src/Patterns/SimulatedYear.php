<?php

declare(strict_types=1);

namespace Orthoscope\Core\Patterns;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Draw;

/**
 * A year of closed jobs by chance: what each was and what came of it, with nothing behind them but the catalogue's priors; or with a batch
 * of one model of which one in three has the same fault. To see how soon the watch finds it, and how often it finds what is not there.
 */
final readonly class SimulatedYear
{
    private const FAMILIES = 8;

    private const MODELS = 40;

    /** @param  int  $jobs in the year */
    public function __construct(private Catalogue $catalogue, private int $jobs = 1000)
    {
    }

    /**
     * @param  ?int  $bad number of the model that is bad from a day on; null = none is
     *
     * @return list<Seen> in the order of their days
     */
    public function draw(string $seed, ?int $bad = null, int $from = 120, float $share = 1 / 3, string $fault = 'board-regulator'): array
    {
        $draw = Draw::from($seed);
        $priors = array_map(fn ($one): float => $one->prior, $this->catalogue->faults);
        // Some models come in often, most seldom.
        $often = array_map(fn (int $model): float => 1.0 / (4 + $model), range(0, self::MODELS - 1));
        $jobs = [];
        for ($i = 0; $i < $this->jobs; $i++) {
            $day = intdiv($i * 365, $this->jobs);
            $model = (int) $draw->weighed($often);
            $cause = $model === $bad && $day >= $from && $draw->happens($share) ? $fault : (string) $draw->weighed($priors);
            $of = $this->catalogue->fault($cause);
            $came = ["fault:{$cause}", "cause:{$of->part}", 'stop:'.$of->ways[0]['stops']];
            if ($draw->happens(0.06)) {
                $came[] = 'comeback';
            }
            if ($draw->happens(0.03)) {
                $came[] = 'dead';
            }
            array_push($came, ...$this->signs($of->ways[0]['stops'], $draw));
            $jobs[] = new Seen(
                "J{$i}",
                $day,
                [
                    'model' => ["model {$model}"],
                    'family' => ['family '.$model % self::FAMILIES],
                    'supplier' => ['supplier '.$draw->oneOf([1, 2, 3])],
                    'bench' => ['bench '.$draw->oneOf([1, 2])],
                    'act' => [$of->usualRepair()],
                    'fault' => [$cause],
                    'technician' => ['technician '.$draw->oneOf([1, 2, 3])],
                    'spare' => $draw->happens(0.4) ? ['spare '.$draw->oneOf(range(1, 20))] : [],
                ],
                $came,
            );
        }

        return $jobs;
    }

    /**
     * What a first start shows on the channels that every second board has; silence is no sign.
     *
     * @return list<string>
     */
    private function signs(string $stop, Draw $draw): array
    {
        $seen = [];
        foreach (['beeps', 'lamp', 'code'] as $id) {
            $channel = $this->catalogue->sign($id);
            if ($draw->happens(0.5)) {
                $shares = [];
                foreach (array_keys($channel->values) as $value) {
                    $shares[] = $channel->share((string) $value, $stop, null, 0.0);
                }
                $value = (string) array_keys($channel->values)[$draw->weighed($shares)];
                $seen[] = $channel->isSilence($value) ? '' : "sign:{$id}:{$value}";
            }
        }

        return array_values(array_filter($seen));
    }

    /**
     * Looks week by week as a shop does, and says on which day and after how many bad jobs each pattern was first shown.
     *
     * @param  list<Seen>  $jobs
     *
     * @return array<string, array{day: int, pattern: Pattern}> id => when it was first shown
     */
    public static function watched(array $jobs, float $shown = Watch::SHOWN): array
    {
        $first = [];
        foreach (range(28, 364, 7) as $day) {
            foreach (Watch::over(array_values(array_filter($jobs, fn (Seen $job): bool => $job->day <= $day)), $shown) as $pattern) {
                $first[$pattern->id()] ??= ['day' => $day, 'pattern' => $pattern];
            }
        }

        return $first;
    }
}
