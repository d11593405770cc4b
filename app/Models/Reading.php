<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What an instrument on a bench has sent and nobody has taken on a record yet.
 *
 * @property int                  $id
 * @property int                  $bench
 * @property string               $instrument
 * @property array<string, mixed> $body
 * @property Carbon               $created_at
 */
class Reading extends Model
{
    use KeptInUtc;

    protected $fillable = ['bench', 'instrument', 'body'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['body' => 'array'];
    }
}
