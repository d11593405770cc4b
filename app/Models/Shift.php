<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A stretch of a day in which somebody is in.
 *
 * @property int    $id
 * @property int    $user_id
 * @property Carbon $from_at
 * @property Carbon $to_at
 * @property User   $user
 */
class Shift extends Model
{
    use KeptInUtc;

    public $timestamps = false;

    protected $fillable = ['user_id', 'from_at', 'to_at'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function isNow(): bool
    {
        return $this->from_at->isPast() && $this->to_at->isFuture();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['from_at' => 'datetime', 'to_at' => 'datetime'];
    }
}
