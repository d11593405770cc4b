<?php

declare(strict_types=1);

namespace Orthoscope\Core\Instruments;

use Orthoscope\Core\Plain\Draw;

/**
 * The simulated instruments that ship: each plays a good machine or one of its faults, and gives what it shows as a reading.
 * Values are drawn within the spread a healthy part has, or where the fault puts them (origin: judgement).
 */
enum Instrument: string
{
    case SupplyTester = 'supply-tester';
    case CodeCard = 'code-card';
    case Meter = 'meter';
    case Thermometer = 'thermometer';
    case BenchSupply = 'bench-supply';

    public function name(): string
    {
        return str_replace('-', ' ', ucfirst($this->value));
    }

    /** @return array<string, string> faults it can play => in words; "none" first */
    public function faults(): array
    {
        return ['none' => 'a good machine']
            + match ($this) {
                self::SupplyTester => ['weak-12' => '+12 V sags', 'no-good' => 'power-good comes too early', 'dead' => 'nothing comes'],
                self::CodeCard => [
                    'memory' => 'stops at memory',
                    'graphics' => 'stops at graphics',
                    'stuck' => 'stuck at the first code',
                    'blank' => 'no code',
                ],
                self::Meter => ['flat-cell' => 'the cell is flat', 'no-mains' => 'no mains at the lead'],
                self::Thermometer => ['hot' => 'cooler loose', 'hot-room' => 'a hot room'],
                self::BenchSupply => ['short' => 'a shorted board', 'none-drawn' => 'the board draws nothing'],
            };
    }

    /** What it shows now. */
    public function read(string $fault, Draw $draw): SentReading
    {
        return match ($this) {
            self::SupplyTester => SentReading::values($this, 'supply-test', self::rails($fault, $draw)),
            self::CodeCard => SentReading::code(
                $this,
                ['memory' => '55', 'graphics' => '96', 'stuck' => '19', 'blank' => '00'][$fault] ?? 'A2',
            ),
            self::Meter => $fault === 'no-mains'
                ? SentReading::values($this, 'mains-reading', ['volts' => self::near($draw, 0.4, 0.5)])
                : SentReading::values($this, 'cell-reading', [
                    'volts' => $fault === 'flat-cell' ? self::near($draw, 2.2, 0.05) : self::near($draw, 3.1, 0.01),
                ]),
            self::Thermometer => SentReading::values($this, 'temperature', self::temperatures($fault, $draw)),
            self::BenchSupply => SentReading::values($this, 'standby-current', [
                'amps' => match ($fault) {
                    'short' => self::near($draw, 3.0, 0.05),
                    'none-drawn' => 0.0,
                    default => self::near($draw, 0.16, 0.1),
                },
            ]),
        };
    }

    /** @return array<string, float> rail => volts; the power-good delay in ms */
    private static function rails(string $fault, Draw $draw): array
    {
        if ($fault === 'dead') {
            return ['v12' => 0.0, 'v5' => 0.0, 'v33' => 0.0, 'v5sb' => self::near($draw, 5.02)];
        }

        return [
            'v12' => self::near($draw, $fault === 'weak-12' ? 11.1 : 12.05),
            'v5' => self::near($draw, 5.03),
            'v33' => self::near($draw, 3.32),
            'v5sb' => self::near($draw, 5.02),
            'v12n' => self::near($draw, -11.9, 0.01),
            'good' => self::near($draw, $fault === 'no-good' ? 40.0 : 280.0, 0.1),
        ];
    }

    /** @return array<string, float> in degrees Celsius */
    private static function temperatures(string $fault, Draw $draw): array
    {
        return [
            'hot' => match ($fault) {
                'hot' => self::near($draw, 58.0, 0.03),
                'hot-room' => self::near($draw, 45.0, 0.02),
                default => self::near($draw, 33.0, 0.03),
            },
            'room' => $fault === 'hot-room' ? self::near($draw, 34.0, 0.01) : self::near($draw, 22.0, 0.02),
        ];
    }

    /** @param  float  $share of the value that it may be off, either way */
    private static function near(Draw $draw, float $value, float $share = 0.004): float
    {
        return $value * (1.0 + $share * (2.0 * $draw->unit() - 1.0));
    }
}
