<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;

/**
 * A value of the catalogue that the shop set for itself, by whom and when. Rows are added and never changed: the newest of a path holds.
 *
 * @property int    $id
 * @property string $path  as Orthoscope\Core\Catalogue\Own\Settable has it
 * @property int|float|bool|string|null $value null puts back what ships
 * @property ?User  $user
 * @property Carbon $created_at
 */
class OwnValue extends Model
{
    use KeptInUtc;

    public const UPDATED_AT = null;

    protected $fillable = ['path', 'value', 'user_id', 'created_at'];

    /**
     * @param  ?Carbon  $at as they were then; null = now
     *
     * @return array<string, int|float|bool|string> path => value that is the shop's own
     */
    public static function inForce(?Carbon $at = null): array
    {
        try {
            $rows = self::query()
                ->when($at, fn ($query) => $query->where('created_at', '<=', $at))
                ->orderBy('id')
                ->get(['id', 'path', 'value']);
        } catch (QueryException) {
            // Before its tables are made there is nothing of its own.
            return [];
        }
        $values = [];
        foreach ($rows as $row) {
            $values[$row->path] = $row->value;
        }

        return array_filter($values, fn (int|float|bool|string|null $value): bool => $value !== null);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['value' => 'json'];
    }
}
