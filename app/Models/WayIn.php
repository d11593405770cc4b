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

    /** A code that can be read out, good for an hour with the log-in name; an address follows from both. */
    public static function code(User $for, User $by): string
    {
        self::query()->where('user_id', $for->id)->whereNull('used_at')->update(['until' => now()]);
        $code = implode(' ', str_split((string) random_int(10_000_000, 99_999_999), 2));
        self::query()->create([
            'user_id' => $for->id,
            'made_by' => $by->id,
            'token_hash' => AddressToken::of(self::tokenOfCode($for->email, $code))->hash(),
            'until' => now()->addHour(),
        ]);

        return $code;
    }

    /** What an address would carry for a name and a code: nobody without the key of this installation can work it out. */
    public static function tokenOfCode(string $login, string $code): string
    {
        $digits = preg_replace('/\D/', '', $code);

        return substr(hash_hmac('sha256', strtolower(trim($login))." {$digits}", (string) config('app.key')), 0, 40);
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
