<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A photograph of a machine, pinned to a place on its drawing.
 *
 * @property int    $id
 * @property string $file  an address nobody can guess
 * @property string $place one of PLACES
 * @property int    $x     thousandths of the drawing's width
 * @property int    $y     thousandths of its height
 * @property string $words
 * @property User   $user
 * @property Job    $job
 * @property Carbon $created_at
 */
class Photo extends Model
{
    use KeptInUtc;

    /** In the order of an inspection. */
    public const PLACES = [
        'parcel' => 'Parcel',
        'front' => 'Front',
        'left' => 'Left side',
        'right' => 'Right side',
        'back' => 'Back',
        'inside' => 'Inside',
    ];

    protected $fillable = ['job_id', 'file', 'place', 'x', 'y', 'words', 'user_id'];

    public function getRouteKeyName(): string
    {
        return 'file';
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
