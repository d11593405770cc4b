<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Orthoscope\Core\Catalogue\Catalogue;

/**
 * @property int                  $id
 * @property string               $model
 * @property array<string, mixed> $made_of the "machine" of a case file
 * @property Owner                $owner
 */
class Machine extends Model
{
    use KeptInUtc;

    /** Stands for the model while nobody has said it. */
    public const NOT_TOLD = 'not told yet';

    protected $fillable = ['owner_id', 'model', 'made_of'];

    protected static function booted(): void
    {
        static::updated(fn (self $machine) => $machine->jobs()->with(['machine.owner', 'facts'])->each(JobWords::keep(...)));
    }

    /** Whether it is of a model that others share; one put together by its owner is not. */
    public static function isAModel(string $model): bool
    {
        return $model !== '' && ! str_starts_with(mb_strtolower($model), 'own build');
    }

    /** What is written down of its platform; empty where nobody said. */
    public function platformFact(string $fact): string
    {
        $said = ((array) ($this->made_of['platform'] ?? []))[$fact] ?? '';

        return is_scalar($said) ? (string) $said : '';
    }

    /** @return list<string> its own model, and those of its parts where they were said */
    public function namesOfModels(): array
    {
        $platform = (array) ($this->made_of['platform'] ?? []);
        $kinds = array_keys(app(Catalogue::class)->shelf->kinds);

        return array_values(array_filter([$this->model, ...array_values(array_intersect_key($platform, array_flip($kinds)))]));
    }

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }

    /** @return BelongsTo<Owner, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(Owner::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_of' => 'array'];
    }

    /** The model, as far as it was told. */
    public function toldModel(): string
    {
        return $this->model === self::NOT_TOLD ? '' : $this->model;
    }
}
