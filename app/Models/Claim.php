<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A bench that is taken: by which job, and who has it in hand.
 *
 * @property int    $bench
 * @property int    $job_id
 * @property int    $user_id
 * @property Carbon $since
 * @property Job    $job
 * @property User   $user
 */
class Claim extends Model
{
    use KeptInUtc;

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'bench';

    protected $fillable = ['bench', 'job_id', 'user_id', 'since'];

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
        return ['since' => 'datetime'];
    }
}
