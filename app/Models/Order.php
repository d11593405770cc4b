<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A part ordered for a job, until it is fitted or sent back.
 *
 * @property int                   $id
 * @property string                $tag
 * @property ?int                  $job_id
 * @property string                $part  of the job's machine
 * @property string                $kind
 * @property string                $offer
 * @property string                $supplier
 * @property string                $name
 * @property string                $condition
 * @property int                   $price minor units
 * @property array<string, string> $facts
 * @property string                $state one of STATES
 * @property string                $words
 * @property ?string               $held_for
 * @property ?Carbon               $ordered_at
 * @property ?Carbon               $due_at
 * @property ?Carbon               $arrived_at
 * @property ?Carbon               $return_until
 * @property ?Job                  $job
 * @property ?Spare                $spare the part on the shelf, once it is here
 * @property ?int                  $supplier_id one of the shop's own
 * @property ?PartsSupplier        $from
 * @property string                $number by which the supplier knows it
 * @property string                $credit_number of the credit note for what was sent back
 * @property ?int                  $credit minor units
 * @property ?Carbon               $credited_at
 * @property User                  $user
 * @property Carbon                $created_at
 */
class Order extends Model
{
    use KeptInUtc;

    public const STATES = [
        'held' => 'held back',
        'ordered' => 'on its way',
        'arrived' => 'here, not tried yet',
        'fitted' => 'fitted',
        'dead' => 'dead on arrival',
        'wrong' => 'the wrong thing came',
        'damaged' => 'damaged on the way',
        'back' => 'sent back',
        'cancelled' => 'cancelled',
    ];

    /** States from which it can still be cancelled or sent back. */
    public const UNSETTLED = ['held', 'ordered', 'arrived', 'wrong', 'damaged', 'dead'];

    protected $fillable = [
        'tag',
        'job_id',
        'part',
        'kind',
        'offer',
        'supplier',
        'name',
        'condition',
        'price',
        'facts',
        'state',
        'words',
        'held_for',
        'user_id',
        'ordered_at',
        'due_at',
        'arrived_at',
        'return_until',
        'spare_id',
        'supplier_id',
        'number',
        'credit_number',
        'credit',
        'credited_at',
    ];

    protected $attributes = [
        'words' => '',
        'supplier_id' => null,
        'number' => '',
        'credit_number' => '',
        'credit' => null,
        'credited_at' => null,
        'held_for' => null,
        'spare_id' => null,
        'arrived_at' => null,
    ];

    public function getRouteKeyName(): string
    {
        return 'tag';
    }

    /** @param  Builder<self>  $query */
    public function scopeWaited(Builder $query): void
    {
        $query->whereIn('state', ['held', 'ordered']);
    }

    /**
     * Those here and not fitted whose days of return are nearly over.
     *
     * @param  Builder<self>  $query
     */
    public function scopeLastDaysToReturn(Builder $query): void
    {
        $query
            ->whereIn('state', ['arrived', 'wrong', 'damaged', 'dead'])
            ->whereBetween('return_until', [now()->startOfDay(), now()->addDays(SupplierClaim::NEAR)->endOfDay()]);
    }

    /**
     * Sent back to a supplier of the shop, whose credit note has not come.
     *
     * @param  Builder<self>  $query
     */
    public function scopeToBeCredited(Builder $query): void
    {
        $query->where('state', 'back')->whereNotNull('supplier_id')->whereNull('credited_at');
    }

    /** @return BelongsTo<PartsSupplier, $this> */
    public function from(): BelongsTo
    {
        return $this->belongsTo(PartsSupplier::class, 'supplier_id');
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<Spare, $this> */
    public function spare(): BelongsTo
    {
        return $this->belongsTo(Spare::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'facts' => 'array',
            'ordered_at' => 'datetime',
            'due_at' => 'datetime',
            'arrived_at' => 'datetime',
            'return_until' => 'date',
            'credited_at' => 'datetime',
        ];
    }
}
