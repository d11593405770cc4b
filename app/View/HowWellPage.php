<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Figure;
use Illuminate\Support\Carbon;

/** The figures of how well the shop does, ready to be drawn and written out. */
final readonly class HowWellPage
{
    private const WIDTH = 420;

    private const HEIGHT = 150;

    /** Names of kinds of repair beside those of the catalogue. */
    private const WAYS = [
        'replaced' => 'part replaced',
        'cure' => 'settings and firmware',
        'clean' => 'cleaned, dried, pressed home',
        'board' => 'repaired on the board',
        'workaround' => 'worked around',
        'nothing done' => 'nothing done',
    ];

    public const TIME = [
        'bench' => 'at the bench',
        'owner' => 'for the owner\'s answer',
        'part' => 'for parts',
        'shop' => 'in the shop, for its turn',
        'collect' => 'to be collected',
    ];

    /** @param  array<string, mixed>  $body */
    private function __construct(public array $body, public Carbon $madeAt)
    {
    }

    public static function of(?Figure $figure): ?self
    {
        return $figure === null ? null : new self($figure->body, $figure->made_at);
    }

    /** Between which shares parts were condemned wrongly, as ", between 0.1 and 2.3 %"; empty where none was condemned. */
    public function wrongBetween(): string
    {
        $interval = $this->body['wrong']['interval'] ?? null;

        return $interval === null ? '' : sprintf(', between %.1f and %.1f %%', 100 * $interval[0], 100 * $interval[1]);
    }

    /**
     * The line of a bin's interval on the plot of 150 by 150.
     *
     * @param  array<string, mixed>  $bin
     */
    public function range(array $bin): string
    {
        return sprintf('M%F %FV%F', 150 * $bin['stated'], 150 - 150 * $bin['interval'][0], 150 - 150 * $bin['interval'][1]);
    }

    public function way(string $way): string
    {
        return self::WAYS[$way] ?? $way;
    }

    /**
     * A curve of those still well, as the path of a drawing that is WIDTH by HEIGHT and a year wide.
     *
     * @param  list<array{time: float, share: float}>  $steps
     */
    public function curve(array $steps): string
    {
        $path = 'M0 '.$this->y(1.0);
        foreach ($steps as $step) {
            if ($step['time'] > 365.0) {
                break;
            }
            $x = round(($step['time'] / 365) * self::WIDTH, 1);
            $path .= "H{$x}V{$this->y($step['share'])}";
        }

        return $path.'H'.self::WIDTH;
    }

    public function y(float $share): float
    {
        return round(((1.0 - max($this->bottom(), $share)) / (1.0 - $this->bottom())) * self::HEIGHT, 1);
    }

    /** @return list<float> shares that are written beside the axis; comebacks are few, so it begins not far below the lowest curve */
    public function ticks(): array
    {
        return [1.0, (1.0 + $this->bottom()) / 2, $this->bottom()];
    }

    private function bottom(): float
    {
        $lowest = min([0.9, ...array_column($this->body['survival'], 'at365')]);

        return max(0.0, floor(($lowest - 0.02) * 10) / 10);
    }

    /** @return array<string, float> share of time by what is waited for, largest first */
    public function time(): array
    {
        $all = max(1, array_sum($this->body['time']));
        $shares = array_map(fn (int $minutes): float => $minutes / $all, $this->body['time']);
        arsort($shares);

        return $shares;
    }

    /** @return list<list<string>> the same numbers as a table, for CSV */
    public function rows(): array
    {
        $number = fn (float $value): string => rtrim(rtrim(number_format($value, 4, '.', ''), '0'), '.');
        $rows = [['figure', 'of', 'value', 'cases', 'from', 'to']];
        foreach ($this->body['survival'] as $row) {
            $rows[] = [
                'still well after a year',
                $this->way($row['way']),
                $number($row['at365']),
                (string) $row['count'],
                $number($row['between365'][0]),
                $number($row['between365'][1]),
            ];
            foreach ($row['steps'] as $step) {
                $rows[] = [
                    'still well after '.$number($step['time']).' days',
                    $this->way($row['way']),
                    $number($step['share']),
                    (string) $step['risk'],
                    $number(max(0.0, $step['share'] - 1.96 * $step['error'])),
                    $number(min(1.0, $step['share'] + 1.96 * $step['error'])),
                ];
            }
        }
        foreach ($this->body['calibration'] as $bin) {
            $rows[] = [
                'advice stated '.$number($bin['stated']),
                'first start',
                $number($bin['hit'] / $bin['of']),
                (string) $bin['of'],
                $number($bin['interval'][0]),
                $number($bin['interval'][1]),
            ];
        }
        foreach ($this->body['suppliers'] as $supplier) {
            $rows[] = [
                'dead on arrival',
                $supplier['name'],
                $number($supplier['dead'] / $supplier['of']),
                (string) $supplier['of'],
                $number($supplier['interval'][0]),
                $number($supplier['interval'][1]),
            ];
        }
        foreach ($this->time() as $what => $share) {
            $rows[] = ['share of time', self::TIME[$what], $number($share), '', '', ''];
        }

        return $rows;
    }
}
