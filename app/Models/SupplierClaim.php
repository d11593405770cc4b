<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Returns\Escalation;
use Orthoscope\Core\Supplier\ClaimAnswer;

/**
 * A part that goes back to who sold it, round by round.
 *
 * @property int     $id
 * @property int     $job_id
 * @property ?int    $order_id
 * @property string  $part     of the job's machine
 * @property string  $part_tag of the spare or ordered part; empty for the machine's own
 * @property string  $to
 * @property string  $reason
 * @property string  $state    one of STATES
 * @property ?Carbon $deadline
 * @property ?Carbon $next_at
 * @property int     $shipping minor units spent
 * @property int     $got      minor units that came back
 * @property list<array{sent: string, condition: string, answer: ?string, words: string, answered: ?string}> $rounds
 * @property list<array{at: string, way: string, whom: string, reference: string, words: string, promised: ?string, by: string}> $talks
 * @property int     $borne    minor units it cost us beside shipping, because they would not see it
 * @property Job     $job
 * @property ?Order  $order
 * @property User    $user
 * @property Carbon  $created_at
 */
class SupplierClaim extends Model
{
    use KeptInUtc;

    public const STATES = ['sent' => 'with the supplier', 'open' => 'to be sent', 'settled' => 'settled', 'lost' => 'given up'];

    /** How one speaks with the other side. */
    public const WAYS = ['we-rang' => 'we rang', 'they-rang' => 'they rang', 'letter' => 'letter', 'mail' => 'mail'];

    /** Days before a deadline from which it is near. Origin: judgement. */
    public const NEAR = 3;

    protected $fillable = [
        'job_id',
        'order_id',
        'part',
        'part_tag',
        'to',
        'reason',
        'state',
        'deadline',
        'next_at',
        'shipping',
        'got',
        'rounds',
        'talks',
        'borne',
        'user_id',
    ];

    /**
     * Those that want something done: sent, or asked after.
     *
     * @param  Builder<self>  $query
     */
    public function scopeRunning(Builder $query): void
    {
        $query->whereIn('state', ['open', 'sent']);
    }

    /**
     * Running ones whose next date is here, or whose deadline is near.
     *
     * @param  Builder<self>  $query
     */
    public function scopeDue(Builder $query): void
    {
        $this->scopeRunning($query);
        $query->where(
            fn (Builder $one): Builder => $one
                ->where('next_at', '<=', now()->endOfDay())
                ->orWhere('deadline', '<=', now()->addDays(self::NEAR)->endOfDay()),
        );
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** Times the other side found nothing. */
    public function foundNothing(): int
    {
        return count(array_filter($this->rounds, fn (array $round): bool => $round['answer'] === 'no-fault-found'));
    }

    /** Dates they promised and let go by: nothing came after the talk in which it was promised. */
    public function promisesBroken(): int
    {
        $broken = 0;
        foreach ($this->talks as $talk) {
            $answered = array_filter(
                $this->rounds,
                fn (array $round): bool => $round['answered'] !== null && $round['answered'] >= $talk['at'],
            );
            $broken += $talk['promised'] !== null && $talk['promised'] < now()->toDateString() && $answered === [] ? 1 : 0;
        }

        return $broken;
    }

    /** Who to turn to next. */
    public function escalation(): Escalation
    {
        $closed = array_filter(
            $this->rounds,
            fn (array $round): bool => in_array($round['answer'], [ClaimAnswer::Unopened->value, ClaimAnswer::Refused->value], true),
        );

        return Escalation::after($this->foundNothing(), count($closed), $this->promisesBroken());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rounds' => 'array', 'talks' => 'array', 'deadline' => 'date', 'next_at' => 'date'];
    }
}
