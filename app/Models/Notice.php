<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Words for one person about a job whose standing changed without anybody writing on it.
 *
 * @property int     $id
 * @property string  $words
 * @property Job     $job
 * @property ?Carbon $seen_at
 */
class Notice extends Model
{
    use KeptInUtc;

    protected $fillable = ['user_id', 'job_id', 'words', 'seen_at'];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seen_at' => 'datetime'];
    }
}
