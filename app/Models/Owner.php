<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int    $id
 * @property string $name
 * @property string $phone
 * @property string $email
 * @property ?int   $joined_into whom they turned out to be
 * @property string $phone_key the last nine digits, so that a number is the same however it is written
 */
class Owner extends Model
{
    use KeptInUtc;

    protected $fillable = ['name', 'phone', 'email', 'joined_into'];

    protected $attributes = ['joined_into' => null];

    /** @return HasMany<Machine, $this> */
    public function machines(): HasMany
    {
        return $this->hasMany(Machine::class);
    }

    public static function phoneKey(string $phone): string
    {
        return substr((string) preg_replace('/\D/', '', $phone), -9);
    }

    protected static function booted(): void
    {
        static::saving(function (self $owner): void {
            $owner->phone_key = self::phoneKey((string) $owner->phone);
        });
        static::updated(
            fn (self $owner) => Job::query()
                ->with(['machine.owner', 'facts'])
                ->whereIn('machine_id', $owner->machines()->select('id'))
                ->each(JobWords::keep(...)),
        );
    }
}
