<?php

declare(strict_types=1);

namespace App\UseCases\Parts;

use App\Models\Job;
use App\Models\Order;
use App\Models\SupplierClaim;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Returns\Claimable;
use Orthoscope\Core\Returns\EvidencePack;
use Orthoscope\Core\Returns\Separation;
use Orthoscope\Core\Supplier\Supplier;

/** Claims against suppliers: opened, sent with the evidence, answered, sent again with the condition that shows the fault. */
final readonly class SupplierClaims
{
    /** Days until the other side should have answered. Origin: judgement. */
    private const ANSWER_DAYS = 10;

    /** Days until they are asked again, where nothing was promised. Origin: judgement. */
    private const ASK_AGAIN_DAYS = 4;

    /** Days in which a carrier wants to hear of damage, unless its terms say otherwise. Common practice, no source. */
    private const CARRIER_DAYS = 7;

    public function __construct(private AssessJob $assessJob, private Supplier $supplier, private Catalogue $catalogue)
    {
    }

    /**
     * What is likeliest to go back: a part that came dead, else one of the machine that is confirmed at fault; as the form names it,
     * empty if neither.
     *
     * @param  list<Claimable>  $parts
     */
    public static function suggested(Job $job, array $parts): string
    {
        $dead = $job->orders->first(fn (Order $order): bool => $order->state === 'dead' && $order->part !== '');

        return match (true) {
            $dead !== null => "{$dead->part}|{$dead->tag}",
            isset($parts[0]) && $parts[0]->isConfirmed() => "{$parts[0]->standing->part->id}|",
            default => '',
        };
    }

    /** @param  bool  $parcel it was damaged on its way: photographs are asked for, and the carrier's time limit runs */
    public function open(
        Job $job,
        User $by,
        string $part,
        string $tag,
        string $to,
        string $reason,
        ?string $deadline,
        bool $parcel = false,
    ): SupplierClaim {
        if ($parcel && ! $job->photos()->exists()) {
            throw ValidationException::withMessages(['parcel' => 'A carrier pays nothing without photographs: add them to the job first.']);
        }
        if (! $this->assessJob->machine($job)->has($part)) {
            throw ValidationException::withMessages(['part' => 'Say which part of this machine goes back.']);
        }
        $running = SupplierClaim::query()->running()->where('job_id', $job->id)->where('part', $part)->where('part_tag', $tag)->first();
        if ($running !== null) {
            throw ValidationException::withMessages([
                'part' => "Claim {$running->id} for this part is running already; go on with that one.",
            ]);
        }
        $order = $tag === '' ? null : Order::query()->where('tag', $tag)->where('job_id', $job->id)->first();

        return SupplierClaim::query()->create([
            'job_id' => $job->id,
            'order_id' => $order?->id,
            'part' => $part,
            'part_tag' => $tag,
            'to' => $order->supplier ?? $to,
            'reason' => $reason,
            'state' => 'open',
            'deadline' => $deadline
                ?? ($parcel
                    ? ($order->arrived_at ?? ($job->arrived_at ?? now()))->copy()->addDays(self::CARRIER_DAYS)
                    : $order?->return_until),
            'next_at' => now()->toDateString(),
            'rounds' => [],
            'talks' => [],
            'user_id' => $by->id,
        ]);
    }

    /** @param  string  $condition under which the fault shows; empty = as found */
    public function send(SupplierClaim $claim, string $condition, int $shipping): void
    {
        DB::transaction(function () use ($claim, $condition, $shipping): void {
            $mine = SupplierClaim::query()
                ->whereKey($claim->id)
                ->where('state', 'open')
                ->update(['state' => 'sent', 'next_at' => now()->addDays(self::ANSWER_DAYS)->toDateString()]);
            if ($mine === 0) {
                throw ValidationException::withMessages(['condition' => 'This claim is not waiting to be sent; load the page again.']);
            }
            $claim
                ->refresh()
                ->update([
                    'shipping' => $claim->shipping + $shipping,
                    'rounds' => [
                        ...$claim->rounds,
                        ['sent' => now()->toDateString(), 'condition' => $condition, 'answer' => null, 'words' => '', 'answered' => null],
                    ],
                ]);
        });
    }

    /** @param  ?string  $answer as it was given; null asks the simulated supplier */
    public function answered(SupplierClaim $claim, ?string $answer, string $words, int $got): string
    {
        $rounds = $claim->rounds;
        $last = count($rounds) - 1;
        if ($claim->state !== 'sent' || $last < 0) {
            throw ValidationException::withMessages(['answer' => 'Nothing is with the supplier; load the page again.']);
        }
        $answer ??=
            $claim->order === null || $claim->order->supplier_id !== null
                ? null
                : $this->supplier->answer($claim->order->offer, $claim->order->tag, $last + 1, $rounds[$last]['condition'] !== '')?->value;
        if ($answer === null) {
            throw ValidationException::withMessages(['answer' => 'Say what they answered.']);
        }
        $rounds[$last] = [...$rounds[$last], 'answer' => $answer, 'words' => $words, 'answered' => now()->toDateString()];
        $settled = in_array($answer, ['replaced', 'refunded'], true);
        $claim->update([
            'rounds' => $rounds,
            'state' => $settled ? 'settled' : 'open',
            'got' => $claim->got + ($answer === 'refunded' && $got === 0 ? (int) $claim->order?->price : $got),
            'next_at' => $settled ? null : now()->addDays(2)->toDateString(),
        ]);

        return $answer;
    }

    /**
     * A call, a letter or a mail, either way: what was said and promised.
     *
     * @param  array{way: string, whom: string, reference: string, words: string, promised: ?string}  $said
     * @param  int  $borne minor units it cost us, beside shipping
     */
    public function talked(SupplierClaim $claim, User $by, array $said, int $borne): void
    {
        DB::transaction(function () use ($claim, $by, $said, $borne): void {
            $claim = SupplierClaim::query()->lockForUpdate()->findOrFail($claim->id);
            if (! in_array($claim->state, ['open', 'sent'], true)) {
                throw ValidationException::withMessages(['words' => 'This claim is over; what is said now goes into a note on the job.']);
            }
            $claim->update([
                'talks' => [...$claim->talks, ['at' => now()->toDateString(), ...$said, 'by' => $by->name]],
                'borne' => $claim->borne + $borne,
                'next_at' => $said['promised'] ?? now()->addDays(self::ASK_AGAIN_DAYS)->toDateString(),
            ]);
        });
    }

    public function giveUp(SupplierClaim $claim): void
    {
        $claim->update(['state' => 'lost', 'next_at' => null]);
    }

    public function evidence(SupplierClaim $claim): EvidencePack
    {
        return EvidencePack::of(
            $this->assessJob->assess($claim->job),
            $this->catalogue,
            $claim->part,
            $claim->part_tag === '' ? null : $claim->part_tag,
        );
    }

    /** Both benches side by side, and the condition to ask for; from the second "no fault found" on it leads. */
    public function separation(SupplierClaim $claim): Separation
    {
        return Separation::of($this->assessJob->record($claim->job), $this->catalogue);
    }
}
