<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Quote\Quote as CoreQuote;

/**
 * A quote that went to an owner. Its body never changes; another quote takes its place.
 *
 * @property int                  $id
 * @property array<string, mixed> $body
 * @property string               $fingerprint of the body
 * @property string               $state  one of STATES
 * @property string               $token  kept encrypted; found again by its hash
 * @property Carbon               $valid_until
 * @property ?Carbon              $answered_at
 * @property string               $answer what the owner wrote
 * @property Job                  $job
 * @property User                 $user
 * @property Carbon               $created_at
 */
class Quote extends Model
{
    use KeptInUtc;

    public const STATES = [
        'out' => 'waits for an answer',
        'accepted' => 'accepted',
        'declined' => 'declined',
        'asked' => 'the owner asks',
        'withdrawn' => 'withdrawn',
    ];

    protected $fillable = [
        'job_id',
        'body',
        'fingerprint',
        'state',
        'token',
        'token_hash',
        'valid_until',
        'user_id',
        'answered_at',
        'answer',
    ];

    protected $hidden = ['token', 'token_hash'];

    public function core(): CoreQuote
    {
        return CoreQuote::fromRow(Row::of($this->body, "quote {$this->id}"));
    }

    /** One that is out is taken back; its address says so. */
    public static function takeBackFrom(Job $job): void
    {
        self::query()
            ->where('job_id', $job->id)
            ->where('state', 'out')
            ->update(['state' => 'withdrawn', 'answered_at' => now()]);
    }

    public function isOver(): bool
    {
        return $this->valid_until->isPast();
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
        return ['body' => 'array', 'token' => 'encrypted', 'valid_until' => 'datetime', 'answered_at' => 'datetime'];
    }
}
