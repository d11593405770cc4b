<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Reach;
use Orthoscope\Core\Chain\Machine;

/**
 * What this machine's lamps, beeps and codes have shown so far. How a board shows a stop is drawn once, or nearly: a lamp that lies
 * about a stop lies about it again, so the same sign at the same stop adds next to nothing the second time, and less each time after. It
 * is an urn into which each sign that is drawn is put back with one more of its kind (Eggenberger and Pólya 1923, from memory).
 */
final readonly class ShownSigns
{
    /**
     * @param  array<int, array<string, array<array-key, int>>>  $byMode mode => channel => value => times it was shown while that mode
     *                                                                   may have stopped the start
     * @param  array<int, array<string, array<array-key, int>>>  $atStop stop => the same while a part that was out stopped it there
     */
    private function __construct(private Catalogue $catalogue, private Machine $machine, private array $byMode, private array $atStop)
    {
    }

    public static function none(Catalogue $catalogue, Machine $machine): self
    {
        return new self($catalogue, $machine, [], []);
    }

    /**
     * Plain data, for `fromKept`.
     *
     * @return array{array<int, array<string, array<array-key, int>>>, array<int, array<string, array<array-key, int>>>}
     */
    public function kept(): array
    {
        return [$this->byMode, $this->atStop];
    }

    /** @param  array{array<int, array<string, array<array-key, int>>>, array<int, array<string, array<array-key, int>>>}  $kept */
    public static function fromKept(array $kept, Catalogue $catalogue, Machine $machine): self
    {
        return new self($catalogue, $machine, ...$kept);
    }

    /**
     * With the signs of one more start.
     *
     * @param  array<string, string>  $signs
     * @param  array<int, float>  $hazards mode => share of starts it stops under that set-up
     * @param  list<int>  $stops   mode => stop
     */
    public function and(array $signs, array $hazards, array $stops, int $cut, Reach $reach): self
    {
        if ($signs === []) {
            return $this;
        }
        [$byMode, $atStop] = [$this->byMode, $this->atStop];
        foreach (array_keys($hazards) as $mode) {
            if ($stops[$mode] < $cut && $reach->covers($stops[$mode])) {
                $byMode[$mode] = self::counted($byMode[$mode] ?? [], $signs);
            }
        }
        if ($reach->covers($cut)) {
            $atStop[$cut] = self::counted($atStop[$cut] ?? [], $signs);
        }

        return new self($this->catalogue, $this->machine, $byMode, $atStop);
    }

    /**
     * @param  array<string, array<array-key, int>>  $so
     * @param  array<string, string>  $signs
     *
     * @return array<string, array<array-key, int>>
     */
    private static function counted(array $so, array $signs): array
    {
        foreach ($signs as $channel => $value) {
            $so[$channel][$value] = ($so[$channel][$value] ?? 0) + 1;
        }

        return $so;
    }

    /** @return array<string, array<array-key, int>> channel => what it showed before when this mode stopped the start, and how often */
    public function byMode(int $mode, int $stop): array
    {
        return ($this->byMode[$mode] ?? []) + $this->atStop($stop);
    }

    /** @return array<string, array<array-key, int>> the same at a stop made by a part that was out */
    public function atStop(int $stop): array
    {
        return $this->atStop[$stop] ?? [];
    }

    /**
     * How likely signs are at a stop. Silence says nothing where the machine has nothing to sound or light.
     *
     * @param  array<string, string>  $signs   channel => value
     * @param  array<string, array<string, float>>  $instead rows of a fault that override the tables
     * @param  array<string, array<array-key, int>>  $before  what the channels showed before at this stop, and how often
     * @param  array<string, float>  $reliability channel => share of times its value means what it says
     */
    public function likelihood(array $signs, int $stop, array $instead, array $before, array $reliability = []): float
    {
        $likelihood = 1.0;
        foreach ($signs as $channel => $value) {
            $sign = $this->catalogue->sign($channel);
            if ($sign->needs !== null && ! $this->machine->facts[$sign->needs] && $sign->isSilence($value)) {
                continue;
            }
            $stopId = $this->catalogue->stopId($stop);
            $row = $instead[$channel] ?? $this->machine->boardSigns[$channel][$stopId] ?? null;
            $share = $sign->share($value, $stopId, $row, $this->catalogue->number('sign_noise'));
            if (isset($reliability[$channel])) {
                $share = $reliability[$channel] * $share + (1.0 - $reliability[$channel]) / count($sign->values);
            }
            if (isset($before[$channel])) {
                // So that after one showing it shows the same again in this share of times, whatever the tables say.
                $again = $this->catalogue->number('sign_persists');
                $urn = (1.0 - $again) / $again;
                $share = (($before[$channel][$value] ?? 0) + $urn * $share) / (array_sum($before[$channel]) + $urn);
            }
            $likelihood *= $share;
        }

        return $likelihood;
    }
}
