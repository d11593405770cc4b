<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Something that happened to a spare.
 *
 * @property int     $spare_id
 * @property string  $kind
 * @property string  $what
 * @property float   $share
 * @property float   $trust_before
 * @property float   $trust_after
 * @property string  $words
 * @property ?Job    $job
 * @property ?User   $user
 * @property Carbon  $at
 */
class SpareStory extends Model
{
    use KeptInUtc;

    public $timestamps = false;

    protected $table = 'spare_events';

    protected $fillable = ['spare_id', 'kind', 'what', 'share', 'trust_before', 'trust_after', 'words', 'job_id', 'user_id', 'at'];

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
        return ['at' => 'datetime', 'share' => 'float', 'trust_before' => 'float', 'trust_after' => 'float'];
    }
}
