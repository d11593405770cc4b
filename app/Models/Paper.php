<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A firmware image, schematic, board view or note that belongs to one exact model; or that none was found.
 *
 * @property int     $id
 * @property string  $model
 * @property string  $kind
 * @property string  $title
 * @property ?string $file      name on our own disk; null where none was found, or for a note
 * @property ?string $file_name what it was called
 * @property ?string $checksum  SHA-256 of the file
 * @property User    $user
 */
class Paper extends Model
{
    use KeptInUtc;

    public const KINDS = [
        'firmware' => 'firmware image',
        'schematic' => 'schematic',
        'board-view' => 'board view',
        'driver' => 'last driver that covers it',
        'note' => 'note',
        'none' => 'looked for, none found',
    ];

    protected $fillable = ['model', 'kind', 'title', 'file', 'file_name', 'checksum', 'user_id'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
