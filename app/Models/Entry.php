<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One line of a job's record. The database refuses to change or delete it.
 *
 * @property int                  $number
 * @property string               $kind
 * @property array<string, mixed> $body the written entry of a case file, less its kind, time and author
 * @property ?string              $sent_once key of the form it came from; the same form sent twice is one entry
 * @property Job                  $job
 * @property int                  $user_id
 * @property User                 $user
 * @property Carbon               $made_at
 * @property int                  $job_id
 * @property string               $chain over it and the one before it
 */
class Entry extends Model
{
    use KeptInUtc;

    public $timestamps = false;

    protected $fillable = ['job_id', 'number', 'kind', 'body', 'user_id', 'sent_once', 'made_at'];

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

    protected static function booted(): void
    {
        static::creating(function (self $entry): void {
            /** @var array{job_id: int, number: int, kind: string, body: string, user_id: int, made_at: string} $row */
            $row = $entry->getAttributes();
            $entry->chain = EntryChain::link(EntryChain::lastOf($entry->job_id), $row);
        });
    }

    /** @return array<string, mixed> as in a case file */
    public function written(): array
    {
        return ['kind' => $this->kind, 'at' => $this->made_at->toIso8601String(), 'by' => $this->user->name, ...$this->body];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['body' => 'array', 'made_at' => 'datetime'];
    }
}
