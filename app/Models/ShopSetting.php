<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One value that the shop set, by whom and when. Rows are added and never changed: the newest of a name holds.
 *
 * @property int    $id
 * @property string $name  a property of Shop
 * @property mixed  $value
 * @property ?int   $user_id
 * @property ?User  $user
 * @property Carbon $created_at
 */
class ShopSetting extends Model
{
    use KeptInUtc;

    public const UPDATED_AT = null;

    protected $fillable = ['name', 'value', 'user_id'];

    /**
     * @param  ?Carbon  $at as they were then; null = now
     *
     * @return array<string, mixed> name => value that holds
     */
    public static function inForce(?Carbon $at = null): array
    {
        return self::query()
            ->when($at, fn ($query) => $query->where('created_at', '<=', $at))
            ->orderBy('id')
            ->get(['id', 'name', 'value'])
            ->mapWithKeys(fn (self $one): array => [$one->name => $one->value])
            ->all();
    }

    /** The value in words; what is locked is not shown. */
    public function words(): string
    {
        return match (true) {
            in_array($this->name, ['smtpSecret', 'smsSecret', 'backupSecret'], true) => 'set anew',
            is_array($this->value) => implode(', ', array_filter($this->value, is_scalar(...))) ?: 'none',
            is_scalar($this->value) && $this->value !== '' => (string) $this->value,
            default => 'empty',
        };
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['value' => 'json'];
    }
}
