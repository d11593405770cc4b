<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A part on the shelf that can be lent.
 *
 * @property string                $tag
 * @property string                $kind
 * @property string                $name
 * @property float                 $trust
 * @property int                   $value minor units of money
 * @property array<string, string> $fits
 * @property string                $place
 */
class Spare extends Model
{
    protected $fillable = ['tag', 'kind', 'name', 'trust', 'value', 'fits', 'place'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['fits' => 'array', 'trust' => 'float', 'value' => 'integer'];
    }
}
