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
        'ended_at',
        'remember_token',
    ];

    /** @var array<string, mixed> */
    protected $attributes = [
        'floor' => null,
        'toured' => false,
        'ended_at' => null,
        'remember_token' => null,
    ];

    protected $hidden = ['password', 'remember_token'];

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
            'ended_at' => 'datetime',
        ];
    }
}
