<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * An address that lets one person in once, to choose a password: at first, or after it was forgotten. Only its hash is kept.
 *
 * @property int     $id
 * @property int     $user_id
 * @property User    $user
 * @property Carbon  $until
 * @property ?Carbon $used_at
 */
class WayIn extends Model
{
    use KeptInUtc;

    public const DAYS = 7;

    protected $table = 'ways_in';

    protected $fillable = ['user_id', 'made_by', 'token_hash', 'until', 'used_at'];

    /** Makes one and says its token, which is not kept; those made before end. */
    public static function open(User $for, User $by): string
    {
        self::query()->where('user_id', $for->id)->whereNull('used_at')->update(['until' => now()]);
        $token = AddressToken::random();
        self::query()->create([
            'user_id' => $for->id,
            'made_by' => $by->id,
            'token_hash' => $token->hash(),
            'until' => now()->addDays(self::DAYS),
        ]);

        return $token->token;
    }

    /** The one of a token, where it still opens. */
    public static function byToken(string $token): ?self
    {
        return self::query()
            ->with('user')
            ->where('token_hash', AddressToken::of($token)->hash())
            ->whereNull('used_at')
            ->where('until', '>', now())
            ->whereHas('user', fn ($user) => $user->whereNull('ended_at'))
            ->first();
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['until' => 'datetime', 'used_at' => 'datetime'];
    }
}
