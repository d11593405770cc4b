<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Catalogue\CheckResult;
use Orthoscope\Core\Diagnosis\Modes;

/** What a look or a reading may show. */
final readonly class FindingForecast implements Forecast
{
    /** @param  array<int, array<int, float>>  $shows result number => mode => share */
    private function __construct(private Check $check, private array $shows)
    {
    }

    public static function of(Modes $modes, Check $check, ?string $target): self
    {
        $shows = [];
        foreach ($check->results as $i => $result) {
            foreach ($modes->all as $m => $mode) {
                if ($mode->spare === null && isset($result->shows[$mode->fault->id]) && ($target === null || $target === $mode->part)) {
                    $shows[$i][$m] = $result->shows[$mode->fault->id];
                }
            }
        }

        return new self($check, $shows);
    }

    public function outcomes(): array
    {
        return array_map(fn (CheckResult $r): array => ['result' => $r->id, 'signs' => [], 'words' => $r->name], $this->check->results);
    }

    public function given(array $faults): array
    {
        $left = 1.0;
        $given = [];
        foreach ($this->shows as $result => $row) {
            $hidden = 1.0;
            foreach ($faults as $fault) {
                $hidden *= 1.0 - ($row[$fault] ?? 0.0);
            }
            if ($hidden < 1.0) {
                $given[$result] = $left * (1.0 - $hidden);
                $left *= $hidden;
            }
        }
        $given[count($this->check->results) - 1] = $left;

        return $given;
    }
}
