<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * An invoice, or a credit note that takes one back. Never changed; numbered without a gap.
 *
 * @property int    $id
 * @property int    $sequence
 * @property string $number
 * @property string $kind "invoice" or "credit"
 * @property int    $job_id
 * @property ?int   $takes_back
 * @property array{
 *     lines: list<array{what: string, count: int, each: int}>,
 *     rate: int,
 *     shop: array{name: string, letterhead: string, logo: string},
 *     to: string,
 *     for: string,
 *     why: string,
 * } $body as it was issued
 * @property int    $net   minor units; below nothing on a credit note
 * @property int    $tax
 * @property int    $total
 * @property Job    $job
 * @property User   $user
 * @property ?Invoice $takenBackBy
 * @property ?Invoice $takesBack
 * @property Carbon $issued_at
 */
class Invoice extends Model
{
    use KeptInUtc;

    public $timestamps = false;

    protected $fillable = ['sequence', 'number', 'kind', 'job_id', 'takes_back', 'body', 'net', 'tax', 'total', 'user_id', 'issued_at'];

    public function getRouteKeyName(): string
    {
        return 'number';
    }

    /**
     * Invoices that hold.
     *
     * @param  Builder<self>  $query
     */
    public function scopeInForce(Builder $query): void
    {
        $query->where('kind', 'invoice')->whereDoesntHave('takenBackBy');
    }

    /** @return HasOne<self, $this> the credit note that took it back */
    public function takenBackBy(): HasOne
    {
        return $this->hasOne(self::class, 'takes_back');
    }

    /** @return BelongsTo<self, $this> */
    public function takesBack(): BelongsTo
    {
        return $this->belongsTo(self::class, 'takes_back');
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['body' => 'array', 'issued_at' => 'datetime'];
    }
}
