<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Two owners that were one person and were joined, or that were looked at and are two.
 *
 * @property int         $id
 * @property int         $kept_id
 * @property int         $other_id
 * @property string      $state "joined", "taken-back" or "apart"
 * @property list<int>   $moved machines that went over
 * @property array<string, string> $filled what the kept one lacked and was given
 * @property Owner       $kept
 * @property Owner       $other
 * @property User        $user
 * @property Carbon      $created_at
 */
class OwnerJoin extends Model
{
    use KeptInUtc;

    protected $fillable = ['kept_id', 'other_id', 'state', 'moved', 'filled', 'user_id'];

    /** @return BelongsTo<Owner, $this> */
    public function kept(): BelongsTo
    {
        return $this->belongsTo(Owner::class, 'kept_id');
    }

    /** @return BelongsTo<Owner, $this> */
    public function other(): BelongsTo
    {
        return $this->belongsTo(Owner::class, 'other_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['moved' => 'array', 'filled' => 'array'];
    }
}
