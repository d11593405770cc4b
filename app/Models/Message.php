<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Words to an owner, waiting or sent.
 *
 * @property int     $id
 * @property string  $moment
 * @property string  $about
 * @property string  $to
 * @property string  $subject
 * @property string  $text
 * @property string  $state one of STATES
 * @property int     $tries
 * @property ?Carbon $next_try_at
 * @property ?Carbon $sent_at
 * @property string  $error
 * @property Job     $job
 * @property Carbon  $created_at
 */
class Message extends Model
{
    use KeptInUtc;

    public const STATES = [
        'held' => 'waits for you to read and send it',
        'waiting' => 'waits',
        'sent' => 'sent',
        'sending' => 'was being sent: look whether it went out',
        'failed' => 'failed, tried again',
        'by-hand' => 'say or send it yourself',
        'given-up' => 'given up: ring them',
        'bounced' => 'came back: they have not had it',
        'dropped' => 'not sent: no longer true',
    ];

    /** States in which somebody of the shop must do something. */
    public const TROUBLED = ['failed', 'sending', 'by-hand', 'given-up', 'bounced'];

    /** Moments at which its owner is told to fetch it. */
    public const FETCH_IT = ['ready', 'back-locked', 'back-unrepaired'];

    /** Of those, the ones that bring the letter along. */
    public const WITH_LETTER = ['ready', 'back-unrepaired'];

    protected $fillable = ['job_id', 'moment', 'about', 'to', 'subject', 'text', 'state', 'tries', 'next_try_at', 'sent_at', 'error'];

    /** @param  Builder<self>  $query */
    public function scopeDue(Builder $query): void
    {
        $query->whereIn('state', ['waiting', 'failed'])->where('next_try_at', '<=', now());
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['next_try_at' => 'datetime', 'sent_at' => 'datetime'];
    }
}
