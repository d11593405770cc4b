<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Economy\EconomyData;
use Orthoscope\Core\Catalogue\Economy\Source;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Brought;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Shelf\Shelf;

/** Lists the ways on that could cure what is believed to be wrong: for every act that cures anything, each way it can be had. */
final readonly class WaysOn
{
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
            array_filter(
                [...$ways, $this->data->offers('platform') ? $this->platform() : null],
                fn (?WayOn $way): bool => $way !== null && $this->helps($way->cures),
            ),
        );
    }

    /** @return list<string> ages and earlier acts that were told */
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
                if ($id !== 'hand-on' && $this->machine->isOwners($part)) {
                    $acts["{$id} {$part->id}"] = [$act, $part];
                }
            }
            // Of two that refuse each other, the other may be exchanged.
            foreach ($how->fault->with === null ? [] : $this->machine->ofKind($how->fault->with) as $refused) {
                foreach (array_keys($how->fault->withCures) as $id) {
                    $acts["{$id} {$refused->id}"] = [$this->catalogue->act($id), $refused];
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

        return $helps >= $this->catalogue->number('way_listed_from');
    }

    private function doing(Act $act, Part $part): ?WayOn
    {
        $way = $this->data->wayOf($act->id);
        if ($way === null || ! $this->data->offers($way->id) || ($act->id === self::LEAVE_OUT && ! $this->runsWithout($part))) {
            return null;
        }
        $minutes = $this->minutes($act);
        $box = (int) $this->catalogue->number('board_time_box') * $act->minutes;
        $later = $this->later($way->promise->comeback, $act->money) + (int) round($way->loss * $this->worth);
        $name =
            $act->id === self::LEAVE_OUT
                ? $this->runsOn($part)
                : ucfirst($act->name).
                    ($part->kind->price > 0 || $part->kind->link || $part->kind->id === 'system' ? " ({$part->name})" : '');

        return new WayOn(
            id: "{$act->id}:{$part->id}",
            way: $way->id,
            name: $name,
            acts: [['act' => $act->id, 'on' => [$part->id]]],
            part: $part->id,
            cures: $this->replay->model->cures($act->id, [$part->id => true]),
            cost: new Cost($act->money, $minutes),
            promise: $way->promise,
            after: $later,
            leaves: [
                ...$way->id === 'board' ? ["Time box: {$box} minutes, then the part is replaced."] : [],
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
            if (! $this->data->offers($source->id)) {
                continue;
            }
            $way =
                $source->id === 'shelf' ? $this->fromShelf($source, $act, $part, $cures) : $this->bought($source, $act, $part, $cures);
            array_push($ways, ...$way === null ? [] : [$way]);
        }
        if ($this->terms->claimable && $part->kind->price > 0 && $this->data->offers('claim')) {
            $ways[] = $this->claiming($act, $part, $cures);
        }

        return $ways;
    }

    /**
     * @param  array<int, float>  $cures
     *
     * @return ?WayOn null where no spare on the shelf is for sale and fits
     */
    private function fromShelf(Source $source, Act $act, Part $part, array $cures): ?WayOn
    {
        $spare = $this->shelf->toSell($part->kind->id, $this->machine, $this->catalogue->shelf);

        return $spare === null
            ? null
            : new WayOn(
                id: "replace:{$part->id}:{$source->id}",
                way: $source->id,
                name: ucfirst("replace {$part->inSentence()}, {$source->name}")." ({$spare->tag})",
                acts: [['act' => $act->id, 'on' => [$part->id]], ...$this->goesWith($part)],
                part: $part->id,
                cures: array_map(static fn (float $share): float => $share * $spare->trust, $cures),
                cost: new Cost($part->kind->sold($spare->value), $this->minutesOfReplacing($act, $part), $source->days),
                promise: $source->promise,
                after: $this->later($source->promise->comeback, $spare->value),
                from: new ComesFrom(spare: $spare->tag, facts: [...$spare->fits, ...$spare->facts]),
            );
    }

    /**
     * @param  array<int, float>  $cures
     *
     * @return ?WayOn null where offers were asked for and none is of this source
     */
    private function bought(Source $source, Act $act, Part $part, array $cures): ?WayOn
    {
        $offer = $this->terms->offer($part->kind->id, $source->id);
        if ($offer === null && $this->terms->offers !== [] && $this->terms->offersAreAll) {
            return null;
        }
        $price = $part->kind->sold($offer->price ?? $this->usualPrice($source, $part));
        $good = $source->good ?? $this->catalogue->number('new_part_trust');

        return new WayOn(
            id: "replace:{$part->id}:{$source->id}",
            way: $source->id,
            name: ucfirst("replace {$part->inSentence()}, {$source->name}"),
            acts: [['act' => $act->id, 'on' => [$part->id]], ...$this->goesWith($part)],
            part: $part->id,
            cures: array_map(static fn (float $share): float => $share * $good, $cures),
            cost: new Cost($price, $this->minutesOfReplacing($act, $part), $offer->days ?? $source->days),
            promise: $source->promise,
            after: $this->later($source->promise->comeback, $price),
            from: new ComesFrom(offer: $offer?->id, facts: $offer->facts ?? []),
        );
    }

    /** Minor units of money it usually costs from there; parts of an old platform are rare and dear. */
    private function usualPrice(Source $source, Part $part): int
    {
        $isDear = $this->isOld && in_array($part->kind->id, $this->data->platform->parts, true);

        return (int) round((float) $source->price * $part->kind->price * ($isDear ? $this->data->platform->old : 1.0));
    }

    /** @param  array<int, float>  $cures */
    private function claiming(Act $act, Part $part, array $cures): WayOn
    {
        $claim = $this->data->claim;

        return new WayOn(
            id: "claim:{$part->id}",
            way: 'claim',
            name: "{$claim->name} (".lcfirst($part->name).')',
            acts: [['act' => $act->id, 'on' => [$part->id]], ...$this->goesWith($part)],
            part: $part->id,
            cures: array_map(fn (float $share): float => $share * $claim->accepted, $cures),
            cost: new Cost(0, $claim->minutes + $this->minutesOfReplacing($act, $part), $claim->days),
            promise: $claim->promise,
            after: $this->later($claim->promise->comeback, 0),
            leaves: ['The supplier may find no fault: then it comes back as it went.'],
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
            cost: new Cost($price, $platform->minutes, $platform->days),
            promise: $platform->promise,
            after: $this->later($platform->promise->comeback, $price),
        );
    }

    /**
     * All that goes with the old part, what is put right with it, and what is wrong with a part that was fitted in its place.
     *
     * @return array<int, float>
     */
    private function curesOfReplacing(Part $part): array
    {
        $cures = [];
        foreach (array_keys($this->replay->model->modes->carriedBy($part->id, $this->machine)) as $mode) {
            $cures[$mode] = $this->replay->model->modes->all[$mode]->fault->cures['replace'] ?? 1.0;
        }
        $cures += $this->replay->model->cures('replace', [$part->id => true]);
        foreach ($this->goesWith($part) as $with) {
            $cures += $this->replay->model->cures($with['act'], array_fill_keys($with['on'], true));
        }
        foreach ($this->replay->model->modes->all as $mode => $how) {
            if ($how->spare !== null && $how->part === $part->id && $this->isOurs($mode)) {
                $cures[$mode] = 1.0;
            }
        }

        return $cures;
    }

    /**
     * What it takes to put right what a part brings more often than not: nothing is on a new drive.
     *
     * @return list<array{act: string, on: list<string>}>
     */
    private function goesWith(Part $part): array
    {
        $acts = [];
        foreach ($this->replay->model->modes->all as $brought) {
            if ($brought->spare === null && Brought::chance($brought->fault, [$part->id], $this->machine) > 0.5) {
                $acts[$brought->fault->id] = ['act' => $brought->fault->usualRepair(), 'on' => [$brought->part]];
            }
        }

        return array_values($acts);
    }

    private function minutesOfReplacing(Act $act, Part $part): int
    {
        $minutes = fn (array $with): int => $this->catalogue->act($with['act'])->minutes;

        return $this->minutes($act) + array_sum(array_map($minutes, $this->goesWith($part)));
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
