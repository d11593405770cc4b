<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Catalogue\CheckResult;
use Orthoscope\Core\Diagnosis\Modes;

/** What a look or a reading may show. */
final readonly class FindingForecast implements OutcomeForecast
{
    /**
     * @param  array<int, array<int, float>>  $shows result number => mode => share
     * @param  float  $falsely chance of the first result though nothing is there: the host machine is itself bad
     */
    private function __construct(private Check $check, private array $shows, private float $falsely)
    {
    }

    public static function of(Modes $modes, Check $check, ?string $target, float $falsely = 0.0): self
    {
        $shows = [];
        foreach ($check->results as $i => $result) {
            foreach ($result->shows as $fault => $share) {
                foreach ($modes->ofFault($fault) as $m => $mode) {
                    if ($target === null || $target === $mode->part) {
                        $shows[$i][$m] = $share;
                    }
                }
            }
        }

        return new self($check, $shows, $falsely);
    }

    public function outcomes(): array
    {
        return array_map(fn (CheckResult $r): array => ['result' => $r->id, 'signs' => [], 'words' => $r->name], $this->check->results);
    }

    public function given(array $faults): array
    {
        $left = 1.0;
        $given = [];
        if ($this->falsely > 0.0) {
            $given[0] = $this->falsely;
            $left -= $this->falsely;
        }
        foreach ($this->shows as $result => $row) {
            $hidden = 1.0;
            foreach ($faults as $fault) {
                if (isset($row[$fault])) {
                    $hidden *= 1.0 - $row[$fault];
                }
            }
            if ($hidden < 1.0) {
                $given[$result] = ($given[$result] ?? 0.0) + $left * (1.0 - $hidden);
                $left *= $hidden;
            }
        }
        $given[count($this->check->results) - 1] = $left;

        return $given;
    }
}
