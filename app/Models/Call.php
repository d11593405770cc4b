<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A conversation about a machine that has not arrived. Its answers are entries of the job.
 *
 * @property int         $job_id
 * @property string      $state   TALKING, PAUSED or ENDED
 * @property ?CallOutcome $outcome
 * @property ?array<string, string> $details what goes with the outcome, by name
 * @property ?Carbon     $slot_at
 * @property ?Carbon     $ended_at
 * @property Carbon      $updated_at
 * @property Job         $job
 */
class Call extends Model
{
    use KeptInUtc;

    public const TALKING = 'talking';

    public const PAUSED = 'paused';

    public const ENDED = 'ended';

    public $incrementing = false;

    protected $primaryKey = 'job_id';

    protected $fillable = ['job_id', 'state', 'outcome', 'details', 'slot_at', 'ended_at'];

    public function isOver(): bool
    {
        return $this->state === self::ENDED;
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['outcome' => CallOutcome::class, 'details' => 'array', 'slot_at' => 'datetime', 'ended_at' => 'datetime'];
    }
}
