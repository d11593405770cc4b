<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Entry;
use App\Models\Job;
use App\Models\JobFacts;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\Plain\Money;
use Orthoscope\Core\Returns\Carried;
use Orthoscope\Core\Returns\Sameness;
use Orthoscope\Core\Returns\Warranty;

/** A machine that comes back: a job beside the first one, with what that one left open. */
final readonly class ComeBack
{
    /** Whose it was that a machine came back; nothing is blamed without proof. */
    public const BLAME = [
        'open' => 'left open',
        'ours' => 'our work',
        'supplier' => 'a part we bought',
        'owner' => 'something at the owner\'s',
        'other' => 'another fault',
    ];

    public function __construct(
        private TakeInMachine $takeIn,
        private AssessJob $assessJob,
        private RecordEntries $recordEntries,
        private Catalogue $catalogue,
    ) {
    }

    /**
     * @param  array<string, mixed>  $report what is told now
     * @param  ?string  $tag  that it gets; one of its own if not given
     */
    public function of(Job $first, User $by, array $report, ?string $tag = null): Job
    {
        $earlier = $this->assessJob->assess($first);
        $carried = Carried::from($earlier, $this->catalogue);

        return DB::transaction(function () use ($first, $by, $report, $carried, $tag): Job {
            $first->holdForWriting();
            // Pressed twice, or by two people: it is one machine, and here once.
            $here = Job::query()->open()->where('comeback_of', $first->id)->first();
            if ($here !== null) {
                return $here;
            }
            $back = $this->takeIn->takeIn(
                $by,
                $first->machine->owner->only(['name', 'phone', 'email']),
                // What it comes with this time nobody has said yet.
                array_diff_key($first->machine->made_of, ['at_home' => true]),
                [
                    ['kind' => 'report', ...$report],
                    ...$carried === []
                        ? []
                        : [['kind' => 'report', 'source' => 'remembered', 'text' => "What {$first->tag} left open", 'carried' => $carried]],
                ],
                $tag,
                agreed: array_intersect_key($first->agreed ?? [], ['proving' => 1, 'approves' => 1]),
                known: $first->machine->owner,
            );
            $back->update(['comeback_of' => $first->id, 'comeback' => ['blame' => 'open']]);
            JobFacts::query()
                ->whereKey($first->id)
                ->update(['back_at' => now(), 'back_after' => max(0, (int) self::handedBack($first)->diffInDays(now()))]);

            return $back;
        });
    }

    /** What was done beside the work: on the job, and as a note on its record. */
    public function settle(Job $back, User $by, string $blame, Money $goodwill, string $ahead, string $resale): void
    {
        $said = array_filter([
            'Cause: '.self::BLAME[$blame].'.',
            $goodwill->minor > 0 ? 'Goodwill '.shop()->money()->words($goodwill).'.' : '',
            $ahead === '' ? '' : "Replacement sent ahead: {$ahead}.",
            $resale === '' ? '' : "Sold on as open-box, with its history: {$resale}.",
        ]);
        DB::transaction(function () use ($back, $by, $blame, $goodwill, $ahead, $resale, $said): void {
            $back->update(['comeback' => ['blame' => $blame, 'goodwill' => $goodwill->minor, 'ahead' => $ahead, 'resale' => $resale]]);
            $this->recordEntries->record($back, $by, [['kind' => 'note', 'text' => implode(' ', $said)]]);
        });
    }

    /** The warranty its first job left, on the day the machine came back; null where it did not come back. */
    public function warranty(Job $back): ?Warranty
    {
        $first = $back->comeback_of === null ? null : Job::query()->find($back->comeback_of);

        return $first === null ? null : $this->warrantyOf($first, $back);
    }

    private function warrantyOf(Job $first, Job $back): Warranty
    {
        return Warranty::of(
            self::handedBack($first)->toDateTimeImmutable(),
            $this->assessJob->record($first)->closing()->warrantyMonths ?? 0,
            $back->created_at->toDateTimeImmutable(),
        );
    }

    /**
     * The first job beside the one that came back.
     *
     * @return array{first: Job, days: int, warranty: Warranty, same: Sameness, then: string, now: string, unproved: list<string>,
     *     earlier: Assessment}
     */
    public function beside(Job $back): ?array
    {
        $first = $back->comeback_of === null ? null : Job::query()->with('machine.owner')->find($back->comeback_of);
        if ($first === null) {
            return null;
        }
        $earlier = $this->assessJob->assess($first);
        $now = $this->assessJob->assess($back);
        $handed = self::handedBack($first);
        $then = $earlier->record->all(Start::class)[0] ?? null;
        $again = $now->record->all(Start::class)[0] ?? null;
        $plan = Plan::of($earlier, $this->catalogue, $first->proving());

        return [
            'first' => $first,
            'earlier' => $earlier,
            'days' => max(0, (int) $handed->diffInDays($back->created_at)),
            'warranty' => $this->warrantyOf($first, $back),
            'same' => Sameness::of($earlier->record, $now->record, $this->catalogue),
            'then' => $then === null ? 'never started' : $this->catalogue->reach($then->reached)->name,
            'now' => $again === null ? 'not started yet' : $this->catalogue->reach($again->reached)->name,
            'unproved' => [
                ...array_values(
                    array_map(
                        fn ($standing): string => $standing->part->name,
                        array_filter(
                            $earlier->standings,
                            fn ($standing): bool => in_array(
                                $standing->standing,
                                [Standing::NotTested, Standing::Hidden, Standing::NotAlone, Standing::Worked],
                                true,
                            )
                                && ! $standing->part->kind->link
                                && $standing->part->id !== 'outside',
                        ),
                    ),
                ),
                ...array_map(fn ($item): string => $item->item->name, $plan->owed()),
            ],
        ];
    }

    private static function handedBack(Job $first): Carbon
    {
        $at = Entry::query()
            ->where('job_id', $first->id)
            ->whereIn('kind', ['collection', 'closing'])
            ->orderByDesc('number')
            ->value('made_at');

        return $at === null ? $first->created_at : Carbon::parse($at);
    }
}
