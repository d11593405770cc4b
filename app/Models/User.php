<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int    $id
 * @property string $name
 * @property string $email
 * @property Role   $role
 * @property ?FloorFilter $floor which machines of the floor are shown
 * @property ?\Illuminate\Support\Carbon $ended_at since when they work here no more
 * @property string $mail where a forgotten password is answered to
 * @property ?string $pin  hashed
 * @property ?string $badge_hash
 * @property ?string $second_secret of one-time codes, bytes; null where none is asked
 * @property int    $second_used counter of the one-time code used last
 * @property ?list<string> $recovery_hashes of printed codes that were not used yet
 * @property bool   $guesses_first jobs ask for their guess before they show the advice
 * @property bool   $toured the tour of the bench page was taken
 */
class User extends Authenticatable
{
    use KeptInUtc;

    protected $fillable = [
        'name',
        'email',
        'password',
        'role',
        'floor',
        'toured',
        'guesses_first',
        'ended_at',
        'remember_token',
        'mail',
        'pin',
        'badge_hash',
        'second_secret',
        'second_used',
        'recovery_hashes',
    ];

    /** @var array<string, mixed> */
    protected $attributes = [
        'floor' => null,
        'toured' => false,
        'guesses_first' => false,
        'ended_at' => null,
        'remember_token' => null,
        'mail' => '',
        'pin' => null,
        'badge_hash' => null,
        'second_secret' => null,
        'second_used' => 0,
        'recovery_hashes' => null,
    ];

    protected $hidden = ['password', 'remember_token', 'pin', 'badge_hash', 'second_secret', 'recovery_hashes'];

    /**
     * Who works here now.
     *
     * @param  Builder<self>  $query
     */
    public function scopeHere(Builder $query): void
    {
        $query->whereNull('ended_at');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'role' => Role::class,
            'floor' => FloorFilter::class,
            'toured' => 'boolean',
            'guesses_first' => 'boolean',
            'ended_at' => 'datetime',
            'second_secret' => 'encrypted',
            'second_used' => 'integer',
            'recovery_hashes' => 'array',
        ];
    }
}
