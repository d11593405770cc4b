<?php

declare(strict_types=1);

namespace Orthoscope\Core\Quote;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
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
        $minutes = Spent::minutes($this->record, $this->catalogue);
        $used = 0;
        $lines = $minutes === 0
                ? []
                : [
                    QuoteLine::of(
                        "Work at the bench, {$minutes} minutes",
                        1,
                        Money::of((int) round($minutes * $this->catalogue->economy->labour)),
                    ),
                ];
        foreach ($this->deeds() as $deed) {
            $used += $deed->with === null ? $this->catalogue->act($deed->act)->money : 0;
            foreach ($this->fitted($deed) as $part) {
                $lines[] = QuoteLine::of($part->name, 1, Money::of($part->price));
            }
        }
        if ($used > 0) {
            $lines[] = QuoteLine::of('Small parts', 1, Money::of($used));
        }

        return $lines === []
            ? null
            : new Variant('', 'What was done', $lines, '', '', [], $this->catalogue->economy->tax, [0, 0], $this->warrantyMonths());
    }

    /** Months: the longest of the parts that were fitted; where none was, of the ways the deeds belong to; 0 where nothing was done. */
    private function warrantyMonths(): int
    {
        $parts = $ways = [0];
        foreach ($this->deeds() as $deed) {
            $ways[] = $this->catalogue->economy->wayOf($deed->act)->warrantyMonths ?? 0;
            foreach ($this->fitted($deed) as $part) {
                $parts[] = $this->catalogue->economy->sources[$part->source]->warrantyMonths;
            }
        }

        return max($parts) > 0 ? max($parts) : max($ways);
    }

    /** @return list<ActDone> what was done and not only begun */
    private function deeds(): array
    {
        return array_values(array_filter($this->record->all(ActDone::class), fn (ActDone $deed): bool => ! $deed->begun));
    }

    /** @return list<FittedPart> */
    private function fitted(ActDone $deed): array
    {
        if ($deed->with === null) {
            return [];
        }
        $known = $this->parts[$deed->with->tag] ?? null;

        return $known !== null
            ? [$known]
            : array_map(function (string $id): FittedPart {
                $part = $this->machine->part($id);

                return new FittedPart("{$part->name}, new", $part->kind->price, 'new');
            }, $deed->on);
    }
}
