<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Orthoscope\Core\Bench\JobState;

/**
 * What a list shows of a job. Worked out from the record; it can be thrown away and made again.
 *
 * @property int                  $job_id
 * @property int                  $entries
 * @property JobState             $waits_for
 * @property bool                 $closed
 * @property array<string, mixed> $data
 */
class Summary extends Model
{
    use KeptInUtc;

    public const CREATED_AT = null;

    protected $primaryKey = 'job_id';

    public $incrementing = false;

    protected $fillable = ['job_id', 'entries', 'waits_for', 'closed', 'data'];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['data' => 'array', 'closed' => 'boolean', 'waits_for' => JobState::class];
    }
}
