<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A pattern that the lead confirmed: it shows at the counter and on matching jobs, and shifts what is likely there.
 *
 * @property int     $id
 * @property string  $model
 * @property string  $words
 * @property string  $source one of SOURCES
 * @property string  $fault  the fault whose prior is shifted; empty = none
 * @property string  $part   the kind of part whose faults are shifted; empty = none
 * @property float   $factor
 * @property bool    $do_not_buy the shop buys no more of it
 * @property Carbon  $expires_at
 * @property ?Carbon $withdrawn_at
 * @property User    $user
 * @property Carbon  $created_at
 */
class Bulletin extends Model
{
    use KeptInUtc;

    /** Where it is known from. */
    public const SOURCES = [
        'ours' => 'our own jobs',
        'maker' => 'its maker says so',
        'shop' => 'another shop',
        'read' => 'read or heard elsewhere',
    ];

    protected $fillable = [
        'model',
        'words',
        'source',
        'fault',
        'part',
        'factor',
        'pattern',
        'do_not_buy',
        'expires_at',
        'withdrawn_at',
        'user_id',
    ];

    /** @param  Builder<self>  $query */
    public function scopeInForce(Builder $query): void
    {
        $query->whereNull('withdrawn_at')->where('expires_at', '>=', now()->startOfDay());
    }

    /** Whether what is offered under this name is what it warns of. */
    public function names(string $offer): bool
    {
        return str_contains(mb_strtolower($offer), mb_strtolower($this->model));
    }

    /** Where it is known from, where that is not our own record. */
    public function from(): string
    {
        return $this->source === 'ours' ? '' : self::SOURCES[$this->source] ?? '';
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['pattern' => 'array', 'expires_at' => 'date', 'withdrawn_at' => 'datetime', 'factor' => 'float', 'do_not_buy' => 'boolean'];
    }
}
