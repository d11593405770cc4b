<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Orthoscope\Core\Practice\Puzzle;

/**
 * A practice machine that the lead made, of a closed job or by hand.
 *
 * @property int    $id
 * @property string $name
 * @property array<string, mixed> $puzzle as in a file of `orthoscope-practice/1`
 * @property User   $user
 */
class PracticeCase extends Model
{
    use KeptInUtc;

    protected $fillable = ['name', 'puzzle', 'user_id'];

    public function core(): Puzzle
    {
        return Puzzle::fromArray($this->puzzle);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['puzzle' => 'array'];
    }
}
