<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A statistic that was worked out ahead.
 *
 * @property string               $name
 * @property array<string, mixed> $body
 * @property Carbon               $made_at
 */
class Figure extends Model
{
    use KeptInUtc;

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'name';

    protected $keyType = 'string';

    protected $fillable = ['name', 'body', 'made_at'];

    /** @param  array<string, mixed>  $body */
    public static function keep(string $name, array $body): self
    {
        return self::query()->updateOrCreate(['name' => $name], ['body' => $body, 'made_at' => now()]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['body' => 'array', 'made_at' => 'datetime'];
    }
}
