<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Small things without trust, counted: screws, fans, leads, coolers.
 *
 * @property int    $id
 * @property string $name
 * @property int    $count
 * @property int    $minimum
 * @property string $place
 */
class StockItem extends Model
{
    use KeptInUtc;

    protected $table = 'stock';

    protected $fillable = ['name', 'count', 'minimum', 'place'];
}
