<?php

declare(strict_types=1);

namespace App\UseCases\Parts;

use App\Models\Job;
use App\Models\Spare;
use App\Models\SpareStory;
use App\Models\User;
use App\UseCases\Advice\FoundBad;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Shelf\NewSpare;
use Orthoscope\Core\Shelf\NotForSale;
use Orthoscope\Core\Shelf\Quarantine;
use Orthoscope\Core\Shelf\Spare as CoreSpare;
use Orthoscope\Core\Shelf\SpareEvent;
use Orthoscope\Core\Shelf\Trust;

/** Writes the story of spares, and what each event leaves of their trust. */
final readonly class SpareBook
{
    public function __construct(private Catalogue $catalogue, private FoundBad $foundBad, private SpareArrived $arrived)
    {
    }

    /** @param  array<string, mixed>  $reservation for which job it is kept, where it was bought for one */
    public function add(NewSpare $new, ?User $by, ?Job $from = null, array $reservation = []): Spare
    {
        $spare = DB::transaction(function () use ($new, $by, $from, $reservation): Spare {
            $trust = Trust::of(
                $new->kind,
                [SpareEvent::added($this->now(), $new->origin)],
                $this->catalogue->shelf,
                $this->deadOnArrival(),
            );
            $spare = Spare::query()->create([...get_object_vars($new), ...$reservation, 'trust' => $trust->share, 'trust_at' => now()]);
            $this->write($spare, SpareEvent::ADDED, $new->origin, 0.0, 0.0, $trust->share, '', $by, $from);

            return $spare;
        });
        $this->arrived->tell($spare->refresh());

        return $spare;
    }

    /**
     * What a proof showed. One that passes frees from quarantine, unless it was made in a machine that may have harmed it: then it says
     * nothing; one that fails puts into it.
     */
    public function prove(Spare $spare, string $proof, bool $passed, string $words, ?User $by, ?Job $job = null): void
    {
        $now = $this->now();
        $event = $passed ? SpareEvent::passed($now, $proof, $job->tag ?? '') : SpareEvent::failed($now, $proof, $job->tag ?? '');
        if ($passed && ! $this->quarantine($spare)->takes($event)) {
            $this->move(
                $spare,
                $spare->status,
                trim("{$words}; that says nothing of what this machine may have done to it", '; '),
                $by,
                $job,
            );

            return;
        }
        $this->happened($spare, $event, $words, $by, $job);
        if ($passed && $spare->status === 'quarantined') {
            $spare->update(['status' => 'free', 'reason' => '']);
            $this->arrived->tell($spare);
        } elseif (! $passed) {
            $spare->update(['status' => 'quarantined', 'reason' => $words === '' ? 'failed its proof' : $words]);
        }
    }

    /** It met a machine that may have ruined it: it is not lent until it is proved again. */
    public function expose(Spare $spare, float $ruined, string $reason, ?User $by, Job $job): void
    {
        $this->happened($spare, SpareEvent::exposed($this->now(), $ruined, $job->tag), $reason, $by, $job);
        if ($spare->status === 'free') {
            $spare->update(['status' => 'quarantined', 'reason' => $reason]);
        }
    }

    public function doubt(Spare $spare, float $bad, string $words, ?User $by, Job $job): void
    {
        $this->happened($spare, SpareEvent::doubted($this->now(), $bad, $job->tag), $words, $by, $job);
    }

    /** Leaves the shelf, or comes back on to it; its story stays. */
    public function move(Spare $spare, string $status, string $words, ?User $by, ?Job $job = null): void
    {
        $spare->update(['status' => $status, 'reason' => $status === 'free' ? '' : $words]);
        $trust = $spare->trustNow();
        $this->write($spare, $status, '', 0.0, $trust, $trust, $words, $by, $job);
        $this->arrived->tell($spare);
    }

    /**
     * Whether its story keeps it apart, and what would end that. A hand put it there too: then only a proof that is not made by the way
     * frees it.
     */
    public function quarantine(Spare $spare): Quarantine
    {
        $events = [];
        foreach ($spare->story()->with('job')->get() as $row) {
            $at = new DateTimeImmutable($row->at->toIso8601String());
            $machine = $row->job->tag ?? '';
            $events[] = match ($row->kind) {
                SpareEvent::PASSED => SpareEvent::passed($at, $row->what, $machine),
                SpareEvent::EXPOSED => SpareEvent::exposed($at, $row->share, $machine),
                SpareEvent::FAILED, 'quarantined' => SpareEvent::failed($at, $row->what, $machine),
                default => SpareEvent::doubted($at, 0.0, $machine),
            };
        }

        return Quarantine::of($events);
    }

    /** Why it does not stay in a machine, of this job or any, in one sentence; null where it may. */
    public function notForSale(Spare $spare, ?Job $for = null): ?string
    {
        if ($this->quarantine($spare)->isOn() || $spare->status === 'quarantined') {
            return "{$spare->tag} is in quarantine and is not sold; prove it first.";
        }
        $asked = Spare::query()->withProof($for)->findOrFail($spare->id)->core();
        $free = Spare::query()->withProof($for)->where('kind', $spare->kind)->where('status', 'free')->get();
        $shelf = array_values($free->map(fn (Spare $one): CoreSpare => $one->core())->all());

        return NotForSale::why($asked, $shelf, $this->catalogue->shelf->verifyBelow)?->words(
            $asked,
            $this->catalogue->part($spare->kind)->name,
        );
    }

    /** The shop's own rate of new parts that were dead on arrival. */
    public function deadOnArrival(): float
    {
        $new = Spare::query()->where('origin', 'new');
        $proved = (clone $new)
            ->whereHas('story', fn ($story) => $story->whereIn('kind', [SpareEvent::PASSED, SpareEvent::FAILED]))
            ->count();
        $dead = (clone $new)
            ->whereHas('story', fn ($story) => $story->where('kind', SpareEvent::FAILED))
            ->whereDoesntHave('story', fn ($story) => $story->where('kind', SpareEvent::PASSED))
            ->count();

        return $this->catalogue->shelf->deadOnArrival($dead, $proved);
    }

    private function happened(Spare $spare, SpareEvent $event, string $words, ?User $by, ?Job $job): void
    {
        DB::transaction(function () use ($spare, $event, $words, $by, $job): void {
            $before = $spare->trustNow();
            $after = $spare->trustThen()->after($event)->share;
            $spare->update(['trust' => $after, 'trust_at' => now()]);
            $this->write($spare, $event->kind, $event->what, $event->share, $before, $after, $words, $by, $job);
        });
    }

    private function write(
        Spare $spare,
        string $kind,
        string $what,
        float $share,
        float $before,
        float $after,
        string $words,
        ?User $by,
        ?Job $job,
    ): void {
        SpareStory::query()->create([
            'spare_id' => $spare->id,
            'kind' => $kind,
            'what' => $what,
            'share' => $share,
            'trust_before' => $before,
            'trust_after' => $after,
            'words' => mb_substr($words, 0, 300),
            'job_id' => $job?->id,
            'user_id' => $by?->id,
            'at' => now(),
        ]);
        $this->foundBad->forget();
    }

    private function now(): DateTimeImmutable
    {
        return new DateTimeImmutable(now()->toIso8601String());
    }
}
