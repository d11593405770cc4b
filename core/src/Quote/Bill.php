<?php

declare(strict_types=1);

namespace Orthoscope\Core\Quote;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Plain\Many;
use Orthoscope\Core\Plain\Money;
use Orthoscope\Core\Planning\Spent;

/** What a job comes to by its record: the work, what was fitted, what was used up; and the warranty that goes with what was done. */
final readonly class Bill
{
    /** @param  array<string, FittedPart>  $parts tag => what was fitted under it; what has no tag counts as new, at the typical price */
    public function __construct(private Record $record, private Machine $machine, private Catalogue $catalogue, private array $parts)
    {
    }

    /** Null where there is nothing to charge for. */
    public function workedOut(): ?Variant
    {
        $used = 0;
        $lines = $this->work();
        foreach ($this->acts() as $act) {
            $used += $act->with === null ? $this->catalogue->act($act->act)->money : 0;
            foreach ($this->fitted($act) as $part) {
                $lines[] = QuoteLine::of($part->name, 1, Money::of($part->price));
            }
        }
        if ($used > 0) {
            $lines[] = QuoteLine::of('Small parts', 1, Money::of($used));
        }

        return $lines === []
            ? null
            : new Variant(
                id: '',
                name: 'What was done',
                lines: $lines,
                promise: '',
                limits: '',
                options: [],
                tax: $this->catalogue->economy->tax,
                taxPerLine: $this->catalogue->economy->taxPerLine,
                days: [0, 0],
                warrantyMonths: $this->warrantyMonths(),
            );
    }

    /** @return list<QuoteLine> finding and each act at its fixed price where it has one, and all other minutes */
    private function work(): array
    {
        $minutes = Spent::byEntry($this->record, $this->catalogue);
        $acts = $this->acts();
        $lines = [];
        $finding = $this->catalogue->economy->findingFixed;
        $before = array_filter($minutes, fn (int $number): bool => $number < ($acts[0]->number ?? PHP_INT_MAX), ARRAY_FILTER_USE_KEY);
        if ($finding !== null && $before !== []) {
            $lines[] = QuoteLine::of('Finding the fault', 1, Money::of($finding));
            $minutes = array_diff_key($minutes, $before);
        }
        $fixed = [];
        foreach ($acts as $act) {
            if ($this->catalogue->act($act->act)->fixed !== null) {
                $fixed[$act->act] = ($fixed[$act->act] ?? 0) + 1;
                unset($minutes[$act->number]);
            }
        }
        foreach ($fixed as $id => $count) {
            $act = $this->catalogue->act($id);
            $lines[] = QuoteLine::of(ucfirst($act->name), $count, Money::of((int) $act->fixed));
        }
        $rest = (int) round(array_sum($minutes));

        return $rest === 0
            ? $lines
            : [
                QuoteLine::of(
                    'Work at the bench, '.Many::of($rest, 'minute'),
                    1,
                    Money::of((int) round($rest * $this->catalogue->economy->labour)),
                ),
                ...$lines,
            ];
    }

    /** Months: the longest of the parts that were fitted; where none was, of the ways the acts belong to; 0 where nothing was done. */
    private function warrantyMonths(): int
    {
        $parts = $ways = [0];
        foreach ($this->acts() as $act) {
            $ways[] = $this->catalogue->economy->wayOf($act->act)->promise->warrantyMonths ?? 0;
            foreach ($this->fitted($act) as $part) {
                $parts[] = $this->catalogue->economy->sources[$part->source]->promise->warrantyMonths;
            }
        }

        return max($parts) > 0 ? max($parts) : max($ways);
    }

    /** @return list<ActDone> what was done and not only begun */
    private function acts(): array
    {
        return array_values(array_filter($this->record->all(ActDone::class), fn (ActDone $act): bool => ! $act->begun));
    }

    /** @return list<FittedPart> */
    private function fitted(ActDone $act): array
    {
        if ($act->with === null) {
            return [];
        }
        $known = $this->parts[$act->with->tag] ?? null;

        return $known !== null
            ? [$known]
            : array_map(function (string $id): FittedPart {
                $part = $this->machine->part($id);

                return new FittedPart("{$part->name}, new", $part->kind->sold($part->kind->price), 'new');
            }, $act->on);
    }
}
