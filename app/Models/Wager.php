<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What somebody thought of a real job before they saw the advice, and what the adviser thought then.
 *
 * @property int    $id
 * @property int    $entries on the record then
 * @property array<string, float> $suspects part => belief, as typed; empty where no guess was made
 * @property array<string, float> $adviser  part => belief
 * @property Job    $job
 * @property User   $user
 * @property Carbon $created_at
 */
class Wager extends Model
{
    use KeptInUtc;

    protected $fillable = ['job_id', 'user_id', 'entries', 'suspects', 'adviser'];

    /** What was thought: "supply 60 %, board 25 %". */
    public function words(): string
    {
        $words = [];
        foreach ($this->suspects as $part => $p) {
            $words[] = "{$part} ".(int) round(100 * $p).' %';
        }

        return implode(', ', $words);
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
        return ['suspects' => 'array', 'adviser' => 'array'];
    }
}
