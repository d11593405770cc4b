<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What somebody wrote beside a page of the handbook: of any machine, or of one model.
 *
 * @property int     $id
 * @property string  $page  address of the page, as Orthoscope\Core\Handbook\Page has it
 * @property string  $model empty = any
 * @property string  $words
 * @property ?string $file  its photograph, an address nobody can guess
 * @property ?string $path  the number that should stand otherwise; null where none is asked for
 * @property int|float|bool|string|null $value what it should stand at
 * @property ?string $answer "accepted" or "declined"; null while nobody answered
 * @property ?User   $answerer
 * @property User    $user
 * @property Carbon  $created_at
 */
class MarginNote extends Model
{
    use KeptInUtc;

    public const WORDS = 1000;

    protected $fillable = ['page', 'model', 'words', 'file', 'path', 'value', 'answer', 'answered_by', 'user_id'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function answerer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'answered_by');
    }

    /** @param  Builder<MarginNote>  $query */
    public function scopeAsked(Builder $query): void
    {
        $query->whereNotNull('path')->whereNull('answer');
    }

    /**
     * Those that are of any machine, or of one that is called so.
     *
     * @param  Builder<MarginNote>  $query
     * @param  list<string>  $models
     */
    public function scopeOf(Builder $query, array $models): void
    {
        $query->whereIn('model', ['', ...$models]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['value' => 'json'];
    }
}
