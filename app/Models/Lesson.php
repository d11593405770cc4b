<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Priors as the shop's own closed jobs would have them: proposed, accepted, or taken back.
 *
 * @property int     $id
 * @property string  $state  one of STATES
 * @property array<string, float> $factors fault => factor
 * @property list<array{fault: string, shipped: float, here: int, of: int, then: float}> $counts
 * @property array{jobs: int, before: float, after: float, firstBefore: int, firstAfter: int} $effect
 * @property ?User   $user
 * @property Carbon  $created_at
 * @property Carbon  $updated_at
 */
class Lesson extends Model
{
    use KeptInUtc;

    public const STATES = ['proposed' => 'proposed', 'accepted' => 'in force', 'frozen' => 'frozen', 'back' => 'taken back'];

    protected $fillable = ['state', 'factors', 'counts', 'effect', 'user_id'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['factors' => 'array', 'counts' => 'array', 'effect' => 'array'];
    }
}
