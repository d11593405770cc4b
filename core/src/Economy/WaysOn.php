<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Economy\EconomyData;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Shelf\Shelf;

/** Lists the ways on that could cure what is believed to be wrong: for every act that cures anything, each way it can be had. */
final readonly class WaysOn
{
    /** Chance that a way puts anything right, under which it is not listed. Origin: judgement. */
    private const LEAST = 0.03;

    /** Times its minutes that a repair on the board may take before it is given up. Origin: judgement. */
    private const BOX = 2;

    private const LEAVE_OUT = 'leave-out';

    private Machine $machine;

    private EconomyData $data;

    private float $rate;

    private bool $isOld;

    public function __construct(
        private Replay $replay,
        Record $record,
        private Catalogue $catalogue,
        private Shelf $shelf,
        private Terms $terms,
        private int $worth,
    ) {
        $this->machine = $replay->model->machine;
        $this->data = $catalogue->economy;
        $this->rate = $catalogue->economy->labour;
        $this->isOld = in_array('age-old', self::history($record), true);
    }

    /** @return list<WayOn> */
    public function all(): array
    {
        $ways = [];
        foreach ($this->acts() as [$act, $part]) {
            $ways = [...$ways, ...$act->buysPart ? $this->replacing($act, $part) : [$this->doing($act, $part)]];
        }

        return array_values(
            array_filter([...$ways, $this->platform()], fn (?WayOn $way): bool => $way !== null && $this->helps($way->cures)),
        );
    }

    /** @return list<string> ages and earlier deeds that were told */
    public static function history(Record $record): array
    {
        return array_merge([], ...array_map(fn (Report $report): array => $report->history, $record->all(Report::class)));
    }

    /** @return array<string, array{Act, Part}> every act that cures something that may be wrong, and the part it is done to */
    private function acts(): array
    {
        $acts = [];
        foreach (array_keys($this->wrong()) as $mode) {
            $how = $this->replay->model->modes->all[$mode];
            $cures = $how->spare === null ? array_keys($how->fault->cures) : ['replace'];
            foreach ($cures as $id) {
                $act = $this->catalogue->act($id);
                $part = $this->machine->part($how->part);
                if ($act->buysPart && $part->kind->carrier !== null) {
                    $part = $this->machine->ofKind($part->kind->carrier)[0];
                }
                if ($id !== 'hand-on') {
                    $acts["{$id} {$part->id}"] = [$act, $part];
                }
            }
        }

        return $acts;
    }

    /** @return array<int, float> mode => chance that it is there and that it is not only a lent part's */
    private function wrong(): array
    {
        return array_filter(
            $this->replay->belief->marginals(),
            fn (float $p, int $mode): bool => $p > 0.0 && $this->isOurs($mode),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** A lent part that is bad needs no repair; one fitted for good does. */
    public function isOurs(int $mode): bool
    {
        $how = $this->replay->model->modes->all[$mode];

        return $how->spare === null || ($this->replay->fitted[$how->part] ?? null) === $how->spare;
    }

    /** @param  array<int, float>  $cures */
    private function helps(array $cures): bool
    {
        $wrong = $this->wrong();
        $helps = 0.0;
        foreach ($cures as $mode => $share) {
            $helps += $share * ($wrong[$mode] ?? 0.0);
        }

        return $helps >= self::LEAST;
    }

    private function doing(Act $act, Part $part): ?WayOn
    {
        $way = $this->data->wayOf($act->id);
        if ($way === null || ($act->id === self::LEAVE_OUT && ! $this->runsWithout($part))) {
            return null;
        }
        $minutes = $this->minutes($act);
        $later = $this->later($way->comeback, $act->money) + (int) round($way->loss * $this->worth);
        $name = $act->id === self::LEAVE_OUT
                ? $this->runsOn($part)
                : ucfirst($act->name)
                    .($part->kind->price > 0 || $part->kind->link || $part->kind->id === 'system' ? " ({$part->name})" : '');

        return new WayOn(
            "{$act->id}:{$part->id}",
            $way->id,
            $name,
            [['act' => $act->id, 'on' => [$part->id]]],
            $part->id,
            $this->replay->model->cures($act->id, [$part->id => true]),
            $act->money,
            $minutes,
            [0, 0],
            $way->warrantyMonths,
            $way->comeback,
            $way->lasts,
            $later,
            [
                ...$way->id === 'board' ? ['Time box: '.self::BOX * $act->minutes.' minutes, then the part is replaced.'] : [],
                ...$way->limit === null ? [] : [$way->limit],
            ],
        );
    }

    private function runsOn(Part $part): string
    {
        return match ($part->kind->id) {
            'stick' => "Run on what works: without {$part->inSentence()}",
            'kit' => 'Run on what works: one stick alone',
            'card' => 'Run on what works: the picture from the board',
            default => "Run on what works: without {$part->inSentence()}",
        };
    }

    /** Whether the machine runs on what is left: another stick, the picture of the board. */
    private function runsWithout(Part $part): bool
    {
        return match ($part->kind->id) {
            'stick', 'kit' => count($this->machine->ofKind('stick')) > 1,
            'card' => $this->machine->facts['own_graphics'],
            default => $part->kind->id === 'add-in',
        };
    }

    /** @return list<WayOn> */
    private function replacing(Act $act, Part $part): array
    {
        $cures = $this->curesOfReplacing($part);
        $ways = [];
        foreach ($this->data->sources as $source) {
            $spare = $source->id === 'shelf' ? $this->shelf->toSell($part->kind->id, $this->machine, $this->catalogue->shelf) : null;
            if ($source->id === 'shelf' && $spare === null) {
                continue;
            }
            $offer = $source->id === 'shelf' ? null : $this->terms->offer($part->kind->id, $source->id);
            if ($source->id !== 'shelf' && $this->terms->offers !== [] && $offer === null) {
                continue;
            }
            $price = $spare->value
                ?? ($offer->price
                    ?? (int) round(
                        (float) $source->price
                            * $part->kind->price
                            * ($this->isOld && in_array($part->kind->id, $this->data->platform->parts, true)
                                ? $this->data->platform->old
                                : 1.0),
                    ));
            $good = $spare->trust ?? ($source->good ?? $this->catalogue->number('new_part_trust'));
            $ways[] = new WayOn(
                "replace:{$part->id}:{$source->id}",
                $source->id,
                ucfirst("replace {$part->inSentence()}, {$source->name}").($spare === null ? '' : " ({$spare->tag})"),
                [['act' => $act->id, 'on' => [$part->id]]],
                $part->id,
                array_map(fn (float $share): float => $share * $good, $cures),
                $price,
                $this->minutes($act),
                $offer->days ?? $source->days,
                $source->warrantyMonths,
                $source->comeback,
                $source->lasts,
                $this->later($source->comeback, $price),
                [],
                $offer?->id,
                $spare?->tag,
                $spare === null ? $offer->facts ?? [] : [...$spare->fits, ...$spare->facts],
            );
        }
        if ($this->terms->claimable && $part->kind->price > 0) {
            $ways[] = $this->claiming($act, $part, $cures);
        }

        return $ways;
    }

    /** @param  array<int, float>  $cures */
    private function claiming(Act $act, Part $part, array $cures): WayOn
    {
        $claim = $this->data->claim;

        return new WayOn(
            "claim:{$part->id}",
            'claim',
            "{$claim->name} (".lcfirst($part->name).')',
            [['act' => $act->id, 'on' => [$part->id]]],
            $part->id,
            array_map(fn (float $share): float => $share * $claim->accepted, $cures),
            0,
            $claim->minutes + $this->minutes($act),
            $claim->days,
            $claim->warrantyMonths,
            $claim->comeback,
            $claim->lasts,
            $this->later($claim->comeback, 0),
            ['The supplier may find no fault: then it comes back as it went.'],
        );
    }

    private function platform(): WayOn
    {
        $platform = $this->data->platform;
        $on = $cures = [];
        foreach ($this->machine->parts as $part) {
            if (in_array($part->kind->id, $platform->parts, true)) {
                $on[] = $part->id;
                $cures += $this->curesOfReplacing($part);
            }
        }
        foreach ($this->machine->ofKind('kit') as $kit) {
            $cures += $this->replay->model->cures('replace', [$kit->id => true]);
        }
        $price = $platform->priceOf(array_column($this->machine->parts, 'kind'));

        return new WayOn(
            id: 'platform',
            way: 'platform',
            name: $platform->name,
            acts: [['act' => 'replace', 'on' => $on]],
            part: null,
            cures: array_map(fn (float $share): float => $share * $platform->cures, $cures),
            parts: $price,
            minutes: $platform->minutes,
            days: $platform->days,
            warrantyMonths: $platform->warrantyMonths,
            comeback: $platform->comeback,
            lasts: $platform->lasts,
            after: $this->later($platform->comeback, $price),
        );
    }

    /**
     * All that goes with the old part, and what is wrong with a part that was fitted in its place.
     *
     * @return array<int, float>
     */
    private function curesOfReplacing(Part $part): array
    {
        $cures = [];
        foreach (array_keys($this->replay->model->modes->carriedBy($part->id, $this->machine)) as $mode) {
            $cures[$mode] = $this->replay->model->modes->all[$mode]->fault->cures['replace'] ?? 1.0;
        }
        foreach ($this->replay->model->modes->all as $mode => $how) {
            if ($how->spare !== null && $how->part === $part->id && $this->isOurs($mode)) {
                $cures[$mode] = 1.0;
            }
        }

        return $cures;
    }

    private function minutes(Act $act): int
    {
        return $act->minutes + (int) $this->catalogue->number('start_minutes');
    }

    /** What comebacks are expected to cost later: the work again, and the part. */
    private function later(float $comeback, int $part): int
    {
        return (int) round($comeback * $this->data->years * ($this->data->redo * $this->rate + $part));
    }
}
