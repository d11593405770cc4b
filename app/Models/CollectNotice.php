<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A dated notice to an owner who does not fetch their machine.
 *
 * @property int    $id
 * @property int    $job_id
 * @property Carbon $until the day by which it is asked to be fetched
 * @property string $text as it was written
 * @property Job    $job
 * @property User   $user
 * @property Carbon $created_at
 */
class CollectNotice extends Model
{
    use KeptInUtc;

    protected $fillable = ['job_id', 'until', 'text', 'user_id'];

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
        return ['until' => 'date'];
    }
}
