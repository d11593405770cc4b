<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Money that an owner paid for a job, or was given back.
 *
 * @property int    $id
 * @property int    $job_id
 * @property string $method one of METHODS
 * @property int    $amount minor units; below nothing: given back
 * @property string $words
 * @property Job    $job
 * @property User   $user
 * @property Carbon $paid_at
 */
class Payment extends Model
{
    use KeptInUtc;

    public const METHODS = ['cash' => 'cash', 'card' => 'card', 'transfer' => 'bank transfer'];

    public $timestamps = false;

    protected $fillable = ['job_id', 'method', 'amount', 'words', 'user_id', 'paid_at'];

    /** What was paid for a job so far, minor units. */
    public static function sumFor(Job $job): int
    {
        return (int) self::query()->where('job_id', $job->id)->sum('amount');
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
        return ['paid_at' => 'datetime'];
    }
}
