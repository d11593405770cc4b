<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Claim;
use App\Models\Entry;
use App\Models\Job;
use App\Models\JobFacts;
use App\Models\JobWords;
use App\Models\Order;
use App\Models\Quote;
use App\Models\Spare;
use Illuminate\Support\Collection;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Planning\Spent;
use Orthoscope\Core\Shelf\Shelf;

/** Keeps of a closed job what statistics want. What is struck out is made again, or goes. */
final readonly class KeepFacts
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function of(Job $job, Assessment $assessment): void
    {
        $closing = $assessment->record->closing();
        // A guided first job is no job of the shop's: nothing is learned from it.
        if ($closing === null || $job->guided) {
            JobFacts::query()->whereKey($job->id)->delete();
            JobWords::keep($job->load(['machine.owner', 'facts']));

            return;
        }
        $closedAt = Entry::query()->where('job_id', $job->id)->where('number', $closing->number)->firstOrFail();
        $orders = Order::query()->where('job_id', $job->id)->get();
        $collected = Entry::query()->where('job_id', $job->id)->where('kind', 'collection')->value('made_at');
        JobFacts::query()->updateOrCreate(
            ['job_id' => $job->id],
            [
                'tag' => $job->tag,
                'model' => $job->machine->model,
                'family' => explode(' ', $job->machine->model)[0],
                ...self::read($assessment, $this->catalogue),
                'supplier' => (string) $orders->first()?->supplier,
                'dead' => $orders->contains(
                    fn (Order $order): bool => in_array($order->state, ['dead', 'back'], true) && $order->arrived_at !== null,
                ),
                'firmware' => $assessment->machine->platform['firmware'] ?? '',
                'batch' => $assessment->machine->platform['batch'] ?? '',
                'parts' => $this->partsOf($assessment, $orders),
                'bench' => (string) (Claim::query()->where('job_id', $job->id)->value('bench') ?? ''),
                'user_id' => $closedAt->user_id,
                'waited_owner' => (int) Quote::query()
                    ->where('job_id', $job->id)
                    ->whereNotNull('answered_at')
                    ->get()
                    ->sum(fn (Quote $quote): float => $quote->created_at->diffInMinutes($quote->answered_at)),
                'waited_part' => (int) $orders
                    ->whereNotNull('arrived_at')
                    ->sum(fn (Order $order): float => max(0.0, (float) $order->ordered_at?->diffInMinutes($order->arrived_at))),
                'waited_collect' => $collected === null ? 0 : (int) $closedAt->made_at->diffInMinutes($collected),
                'in_shop' => (int) ($job->arrived_at ?? $job->created_at)->diffInMinutes($closedAt->made_at),
                'closed_at' => $closedAt->made_at,
            ],
        );
        JobWords::keep($job->load(['machine.owner', 'facts']));
    }

    /**
     * Models of its parts, those fitted here among them, whether they were ordered for it or lay on the shelf.
     *
     * @param  Collection<int, Order>  $orders
     * @return list<string> as "board: Kestrel B2"
     */
    private function partsOf(Assessment $assessment, Collection $orders): array
    {
        $named = [];
        foreach ($assessment->machine->models() as $kind => $model) {
            $named["{$kind}: {$model}"] = true;
        }
        $tags = array_filter(array_map(fn (ActDone $act): ?string => $act->with?->tag, $assessment->record->all(ActDone::class)));
        foreach (Spare::query()->whereIn('tag', $tags)->where('model', '!=', '')->get() as $spare) {
            $named["{$spare->kind}: {$spare->model}"] = true;
        }
        foreach ($orders as $order) {
            $named["{$order->kind}: {$order->name}"] = true;
        }

        return array_map(strval(...), array_keys($named));
    }

    /**
     * What the record alone says: what it was, what was done, and what the advice said after the first start.
     *
     * @return array<string, mixed>
     */
    public static function read(Assessment $assessment, Catalogue $catalogue): array
    {
        $start = $assessment->record->all(Start::class)[0] ?? null;
        $after = $start === null
                ? null
                : Assessment::of($assessment->machine, $assessment->record->upTo($start->number), new Shelf([]), $catalogue);
        $first = $after?->suspects()[0] ?? null;
        $cause = $assessment->causes()[0] ?? null;
        $fault = $cause === null ? null : $assessment->faultsOf($cause->part->id)[0] ?? null;
        $acts = array_filter($assessment->record->all(ActDone::class), fn (ActDone $act): bool => ! $act->begun);
        $act = $acts === [] ? null : end($acts);

        return [
            'stop' => $start === null ? '' : $catalogue->stopId($catalogue->reach($start->reached)->firstStop),
            'cause_part' => $cause->part->kind->id ?? '',
            'cause_fault' => $fault->fault->id ?? '',
            'confirmed' => $cause->confirmed ?? false,
            'stated' => $first->stated ?? 0.0,
            'stated_hit' => $first !== null && $first->part->id === $cause?->part->id,
            'act' => $act->act ?? '',
            'way' => $act === null ? '' : $catalogue->economy->wayOf($act->act)->id ?? 'replaced',
            'outcome' => $assessment->record->closing()->outcome ?? 'repaired',
            'signs' => self::signs($start, $catalogue),
            'spares' => self::spares($assessment),
            'minutes' => Spent::minutes($assessment->record, $catalogue),
        ];
    }

    /** @return list<string> what the first start showed; silence is no sign */
    private static function signs(?Start $start, Catalogue $catalogue): array
    {
        $loud = array_filter(
            $start->signs ?? [],
            fn (string $value, string $channel): bool => ! $catalogue->sign($channel)->isSilence($value),
            ARRAY_FILTER_USE_BOTH,
        );

        return array_map(fn (string $channel, string $value): string => "{$channel}:{$value}", array_keys($loud), array_values($loud));
    }

    /** @return list<string> */
    private static function spares(Assessment $assessment): array
    {
        $tags = [];
        foreach ($assessment->record->all(Start::class) as $start) {
            foreach ($start->setUp->lent as $lent) {
                $tags[$lent->tag] = true;
            }
        }

        return array_map(strval(...), array_keys($tags));
    }
}
