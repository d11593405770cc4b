<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What was typed of a machine that is not taken in yet. Nothing of it is on a record; it goes when it is taken in, dropped, or old.
 *
 * @property int                  $id
 * @property int                  $user_id
 * @property array<string, mixed> $typed fields of the form, as they were
 * @property Carbon               $created_at
 */
class HalfTaken extends Model
{
    use KeptInUtc;

    /** Days after which nobody comes back to it. */
    private const DAYS = 7;

    protected $table = 'half_taken';

    protected $fillable = ['user_id', 'typed'];

    /** @param  array<array-key, mixed>  $typed */
    public static function put(array $typed, User $by): self
    {
        self::query()->where('created_at', '<', now()->subDays(self::DAYS))->delete();

        return self::query()->create(['user_id' => $by->id, 'typed' => $typed]);
    }

    /** Owner and machine, as far as they were typed. */
    public function words(): string
    {
        $typed = fn (string $field): string => is_string($this->typed[$field] ?? null) ? trim($this->typed[$field]) : '';

        return implode(', ', array_filter([$typed('name'), $typed('model')])) ?: 'a machine';
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['typed' => 'array'];
    }
}
