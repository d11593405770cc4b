<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A spare with a job, until it is brought back.
 *
 * @property int     $id
 * @property int     $job_id
 * @property int     $spare_id
 * @property Carbon  $lent_at
 * @property Carbon  $due_at
 * @property ?Carbon $back_at
 * @property ?string $result
 * @property string  $words
 * @property Spare   $spare
 * @property Job     $job
 * @property User    $user
 */
class Loan extends Model
{
    use KeptInUtc;

    /** How a spare can come back. */
    public const RESULTS = [
        'worked' => 'it worked in the trials',
        'nothing' => 'it told nothing',
        'doubtful' => 'something is odd about it',
        'broken' => 'it is broken',
    ];

    public $timestamps = false;

    protected $fillable = ['spare_id', 'job_id', 'user_id', 'lent_at', 'due_at', 'back_at', 'result', 'words'];

    public function isOverdue(): bool
    {
        return $this->back_at === null && $this->due_at->isPast();
    }

    /** @return BelongsTo<Spare, $this> */
    public function spare(): BelongsTo
    {
        return $this->belongsTo(Spare::class);
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
        return ['lent_at' => 'datetime', 'due_at' => 'datetime', 'back_at' => 'datetime'];
    }
}
