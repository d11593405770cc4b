<?php

declare(strict_types=1);

namespace App\UseCases\Parts;

use App\Models\Job;
use App\Models\Order;
use App\Models\Spare;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\DecideJob;
use App\UseCases\Owners\WriteToOwner;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Economy\Offer;
use Orthoscope\Core\Shelf\NewSpare;
use Orthoscope\Core\Supplier\Supplier;

/**
 * Orders parts and takes them in. A part that comes is looked at, and goes on the shelf as new or used: it is trusted no more than such
 * parts are, until it is proved. Only then it is fitted, by its tag, like any spare.
 */
final readonly class OrderParts
{
    /** @var list<string> facts a machine's platform is matched by; the others decide by the rules of the shelf */
    private const PLATFORM = ['memory', 'socket', 'form'];

    public function __construct(
        private Supplier $supplier,
        private AssessJob $assessJob,
        private SpareBook $book,
        private WriteToOwner $write,
        private DecideJob $decideJob,
    ) {
    }

    /**
     * @param  bool  $again whoever orders knows that such a part is on order for the job already
     * @param  ?string  $heldFor part of the job that must be proved good first
     *
     * @throws ValidationException that says what keeps it from being ordered
     */
    public function place(Job $job, User $by, string $part, string $offerId, ?string $heldFor = null, bool $again = false): Order
    {
        $offer = $this->supplier->offer($offerId, $this->now())
            ?? self::refuse('offer', 'Nobody offers this any more; load the page again.');
        $this->goesThere($job, $part, $offer, $heldFor);
        if (! $again) {
            self::isNew($job, $part, $offer);
        }
        if (! $by->can('lead')) {
            $this->ownerAllows($job, $offer);
        }
        $listed = OwnSuppliers::item($offer->id);
        $order = self::write($job, $by, $offer, [
            'part' => $part,
            'state' => 'held',
            'held_for' => $heldFor,
            'supplier_id' => $listed?->supplier_id,
            'number' => $listed->number ?? '',
        ]);
        $this->sendOut($job, $order);
        $this->assessJob->refresh($job);

        return $order;
    }

    /**
     * What was ordered outside the program is written down.
     *
     * @param  ?Job  $job null where it is for the shelf
     *
     * @throws ValidationException that says what keeps it from being ordered
     */
    public function byHand(?Job $job, User $by, HandOrder $hand, bool $again = false): Order
    {
        $offer = $hand->asOffer();
        if ($job !== null) {
            $again || self::isNew($job, $hand->part, $offer);
            $by->can('lead') || $this->ownerAllows($job, $offer, 'price');
        }
        $order = self::write($job, $by, $offer, [
            'part' => $hand->part,
            'state' => 'ordered',
            'supplier_id' => $hand->supplier->id,
            'number' => $hand->number,
            'ordered_at' => now(),
            'due_at' => $hand->due,
            'return_until' => $hand->due->copy()->addDays($offer->returnDays),
        ]);
        if ($job !== null) {
            $this->tellOwner($job, $order);
            $this->assessJob->refresh($job);
        }

        return $order;
    }

    /** @param  array<string, mixed>  $more */
    private static function write(?Job $job, User $by, Offer $offer, array $more): Order
    {
        return DB::transaction(function () use ($job, $by, $offer, $more): Order {
            $job?->holdForWriting();

            return Order::query()->create([
                'tag' => 'O-'.(1000 + (int) Order::query()->max('id')),
                'job_id' => $job?->id,
                'kind' => $offer->kind,
                'offer' => $offer->id,
                'supplier' => $offer->supplier,
                'name' => $offer->name,
                'condition' => $offer->condition,
                'price' => $offer->price,
                'facts' => $offer->facts,
                'user_id' => $by->id,
                ...$more,
            ]);
        });
    }

    private function tellOwner(Job $job, Order $order): void
    {
        $this->write->of(
            $job,
            'waiting',
            ['what' => lcfirst($order->name), 'date' => $order->due_at?->format('l j F') ?? ''],
            $order->tag,
        );
    }

    private function goesThere(Job $job, string $part, Offer $offer, ?string $heldFor): void
    {
        $machine = $this->assessJob->machine($job);
        if ($part !== '' && (! $machine->has($part) || $machine->part($part)->kind->id !== $offer->kind)) {
            self::refuse('part', 'This part does not go there; pick one of the same kind.');
        }
        if ($heldFor !== null && ! $machine->has($heldFor)) {
            self::refuse('held_for', 'This machine has no such part; pick one it has.');
        }
    }

    private static function isNew(Job $job, string $part, Offer $offer): void
    {
        $same = Order::query()
            ->where('job_id', $job->id)
            ->where('kind', $offer->kind)
            ->where('part', $part)
            ->whereIn('state', ['held', 'ordered', 'arrived'])
            ->first();
        if ($same !== null) {
            $state = Order::STATES[$same->state];
            self::refuse(
                'again',
                "{$same->tag}, {$same->name}, is {$state} for this already. Tick \"order another\" if a second one is wanted.",
            );
        }
    }

    /** Parts are ordered as far as the owner agreed to pay; of a machine of our own nobody needs to agree. */
    private function ownerAllows(Job $job, Offer $offer, string $field = 'offer'): void
    {
        $open = Order::query()
            ->where('job_id', $job->id)
            ->whereIn('state', ['held', 'ordered', 'arrived', 'fitted'])
            ->sum('price');
        $against = $job->own === null
                ? $this->decideJob->leave($job)->against((int) $open + $offer->price, shop()->money())
                : null;
        if ($against !== null) {
            self::refuse($field, $against);
        }
    }

    private function sendOut(Job $job, Order $order): void
    {
        $this->releaseHeld($job, $this->assessJob->assess($job));
        $order->refresh();
        if ($order->state === 'held' && $order->held_for === null) {
            $order->delete();
            self::refuse('offer', "{$order->supplier} has none left today; take another, or ask again tomorrow.");
        }
    }

    /** Orders that wait for a part to be proved go out once it is. */
    public function releaseHeld(Job $job, Assessment $assessment): void
    {
        foreach (Order::query()->where('job_id', $job->id)->where('state', 'held')->get() as $order) {
            if ($order->held_for !== null && ($assessment->standings[$order->held_for]->standing ?? null) !== Standing::Proved) {
                continue;
            }
            $promise = $this->supplier->promise($order->offer, $order->tag, $this->now());
            if ($promise === null) {
                $order->update(['words' => 'none left today']);

                continue;
            }
            $days = $this->supplier->offer($order->offer, $this->now())->returnDays ?? 0;
            $order->update([
                'state' => 'ordered',
                'ordered_at' => now(),
                'due_at' => $promise,
                'return_until' => $promise->modify("+{$days} days"),
                'words' => '',
            ]);
            $this->tellOwner($job, $order);
        }
    }

    /** A closed job orders nothing more, and keeps no spare from the others. */
    public function letGo(Job $job): void
    {
        Order::query()
            ->where('job_id', $job->id)
            ->where('state', 'held')
            ->update(['state' => 'cancelled', 'words' => 'the job was closed']);
        Spare::query()
            ->where('reserved_for', $job->id)
            ->update(['reserved_for' => null, 'reserved_until' => null]);
    }

    /**
     * The parcel was opened.
     *
     * @param  string  $seen "fine", "wrong" or "damaged", as the person saw it
     */
    public function receive(Order $order, User $by, string $seen, string $words): void
    {
        DB::transaction(function () use ($order, $by, $seen, $words): void {
            $taken = Order::query()
                ->whereKey($order->id)
                ->where('state', 'ordered')
                ->update(['state' => $seen === 'fine' ? 'arrived' : $seen, 'arrived_at' => now(), 'words' => $words]);
            if ($taken === 0) {
                self::refuse('seen', "{$order->tag} is no longer on its way; load the page again.");
            }
            if ($seen !== 'fine') {
                return;
            }
            $fits = array_intersect_key($order->facts, array_flip(self::PLATFORM));
            $spare = $this->book->add(
                new NewSpare(
                    tag: $order->tag,
                    kind: $order->kind,
                    name: $order->name,
                    value: $order->price,
                    origin: $order->condition === 'new' ? 'new' : 'bought',
                    place: 'with the job',
                    model: mb_substr($order->name, 0, 60),
                    fits: $fits,
                    facts: array_diff_key($order->facts, $fits),
                ),
                $by,
                $order->job,
                $this->reservation($order->job),
            );
            $order->update(['spare_id' => $spare->id]);
        });
        $order->job === null || $this->assessJob->refresh($order->job);
    }

    /** What the parcel of a simulated supplier holds, for the person who opens it; null where only they can say. */
    public function parcel(Order $order): ?string
    {
        return $order->supplier_id !== null ? null : $this->supplier->deliver($order->offer, $order->tag)?->seen();
    }

    /** Name of the part that must be proved before a held order goes out. */
    public function heldFor(Order $order): string
    {
        return $order->held_for === null || $order->job === null
            ? ''
            : $this->assessJob->machine($order->job)->part($order->held_for)->inSentence();
    }

    /** It was tried and does not work: it goes into quarantine, and the order says so. */
    public function dead(Order $order, User $by, string $words): void
    {
        $spare = $order->spare;
        if ($spare === null || ! in_array($order->state, ['arrived', 'fitted'], true)) {
            self::refuse('words', "{$order->tag} is not here to be tried.");
        }
        DB::transaction(function () use ($order, $spare, $by, $words): void {
            $this->book->prove($spare, 'job', false, $words, $by, $order->job);
            $order->update(['state' => 'dead', 'words' => $words]);
        });
    }

    /** It is not ordered any more, or goes back unused. */
    public function giveUp(Order $order, User $by, string $words): void
    {
        $to = match ($order->state) {
            'held', 'ordered' => 'cancelled',
            'arrived', 'wrong', 'damaged', 'dead' => 'back',
            default => self::refuse('words', "{$order->tag} is ".Order::STATES[$order->state].'; it cannot be sent back from here.'),
        };
        $order->update(['state' => $to, 'words' => $words]);
        if ($order->spare !== null && $order->spare->loan === null) {
            $this->book->move($order->spare, 'retired', "sent back to {$order->supplier}", $by, $order->job);
        }
        if ($order->job !== null) {
            $this->write->drop($order->job, 'waiting');
            $this->assessJob->refresh($order->job);
        }
    }

    /** What became of a part off an order shows on the order too: fitted, or dead on arrival. */
    public function follow(Job $job): void
    {
        foreach (
            Order::query()
                ->with('spare')
                ->where('job_id', $job->id)
                ->whereIn('state', ['arrived', 'fitted'])
                ->whereNotNull('spare_id')
                ->get() as $order
        ) {
            $status = $order->spare?->status;
            $order->update([
                'state' => match (true) {
                    $status === 'quarantined' || $status === 'retired' => 'dead',
                    $status === 'fitted' => 'fitted',
                    default => $order->state,
                },
            ]);
        }
    }

    /** @return array<string, mixed> for the job it came for, while that is open */
    private function reservation(?Job $job): array
    {
        return $job === null || $this->assessJob->record($job)->closing() !== null
            ? []
            : ['reserved_for' => $job->id, 'reserved_until' => now()->addDays(60)->toDateString()];
    }

    private function now(): DateTimeImmutable
    {
        return new DateTimeImmutable(now()->toIso8601String());
    }

    /** @throws ValidationException */
    private static function refuse(string $field, string $sentence): never
    {
        throw ValidationException::withMessages([$field => $sentence]);
    }
}
