<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One night's work on what is kept no longer.
 *
 * @property int                $id
 * @property array<string, int> $counts kind => how many were let go
 * @property string             $error
 * @property Carbon             $made_at
 */
class KeepingRun extends Model
{
    use KeptInUtc;

    public $timestamps = false;

    protected $fillable = ['counts', 'error', 'made_at'];

    protected $attributes = ['error' => ''];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['counts' => 'array', 'made_at' => 'datetime'];
    }
}
