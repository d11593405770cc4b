<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Shelf\NewSpare;
use Orthoscope\Core\Shelf\Spare as CoreSpare;
use Orthoscope\Core\Shelf\SpareEvent;
use Orthoscope\Core\Shelf\Trust;

/**
 * A part on the shelf that can be lent.
 *
 * @property int                   $id
 * @property string                $tag
 * @property string                $kind
 * @property string                $name
 * @property string                $model  as its label says; empty where nobody read it
 * @property float                 $trust  as it was at trust_at
 * @property ?Carbon               $trust_at
 * @property int                   $value  minor units of money
 * @property array<string, string> $fits   what a machine's platform must match
 * @property array<string, mixed>  $facts  further facts that decide fit
 * @property string                $origin
 * @property string                $place
 * @property string                $status one of STATUSES
 * @property string                $reason why it is not free
 * @property ?int                  $reserved_for
 * @property ?Carbon               $reserved_until
 * @property ?Loan                 $loan   the open one
 */
class Spare extends Model
{
    use KeptInUtc;

    public const STATUSES = [
        'free' => 'on the shelf',
        'quarantined' => 'in quarantine',
        'fitted' => 'fitted in a repair',
        'sold' => 'sold',
        'retired' => 'retired',
    ];

    protected $fillable = [
        'tag',
        'kind',
        'name',
        'model',
        'trust',
        'trust_at',
        'value',
        'fits',
        'facts',
        'origin',
        'place',
        'status',
        'reason',
        'reserved_for',
        'reserved_until',
    ];

    protected $attributes = ['facts' => '[]', 'model' => '', 'origin' => 'retired', 'status' => 'free', 'reason' => ''];

    public function getRouteKeyName(): string
    {
        return 'tag';
    }

    /** Probability that it is good now. */
    public function trustNow(): float
    {
        return $this->trustThen()->at(now()->startOfSecond()->toDateTimeImmutable());
    }

    /** What decides whether it goes in: "DDR4, watts 450". */
    public function factsInWords(): string
    {
        $words = array_values($this->fits);
        foreach ($this->facts as $fact => $value) {
            $words[] = $fact.' '.(is_array($value) ? implode(', ', $value) : $value);
        }

        return implode('; ', $words);
    }

    /** Whether it is a host whose board is of that model; not where either is unknown. */
    public function isOfBoard(string $model): bool
    {
        return $model !== '' && strcasecmp(trim($this->known('facts')['board'] ?? ''), trim($model)) === 0;
    }

    /** Where it is now, in words. */
    public function whereNow(): string
    {
        return $this->loan !== null
            ? "with {$this->loan->job->tag}"
            : self::STATUSES[$this->status].($this->status === 'free' && $this->place !== '' ? ", {$this->place}" : '');
    }

    public function trustThen(): Trust
    {
        return Trust::resumed(
            $this->trust,
            ($this->trust_at ?? now()->startOfSecond())->toDateTimeImmutable(),
            $this->kind,
            app(Catalogue::class)->shelf,
        );
    }

    /**
     * With what a sale asks: whether it was ever proved, and whether it was ordered for the job in question.
     *
     * @param  Builder<self>  $query
     */
    public function scopeWithProof(Builder $query, ?Job $for): void
    {
        $query
            ->addSelect('spares.*')
            ->selectRaw('exists (select 1 from spare_events where spare_id = spares.id and kind = ?) as is_proved', [SpareEvent::PASSED])
            ->selectRaw('exists (select 1 from orders where spare_id = spares.id and job_id = ?) as is_bought', [$for->id ?? 0]);
    }

    public function core(): CoreSpare
    {
        return new CoreSpare(
            tag: $this->tag,
            kind: $this->kind,
            name: $this->name,
            trust: round($this->trustNow(), 3),
            value: $this->value,
            fits: $this->known('fits'),
            facts: $this->known('fits') + $this->known('facts'),
            proved: (bool) ($this->attributes['is_proved'] ?? true),
            bought: (bool) ($this->attributes['is_bought'] ?? false),
        );
    }

    /** Its facts as they are typed: one to a line. */
    public function factLines(): string
    {
        $facts = $this->known('fits') + $this->known('facts');

        return implode("\n", array_map(fn (string $fact, string $value): string => "{$fact}: {$value}", array_keys($facts), $facts));
    }

    /** As it is written on the shelf's list. */
    public function written(): NewSpare
    {
        return new NewSpare(
            tag: $this->tag,
            kind: $this->kind,
            name: $this->name,
            value: $this->value,
            origin: $this->origin,
            place: (string) $this->place,
            model: $this->model,
            fits: $this->known('fits'),
            facts: $this->known('facts'),
        );
    }

    /** @return array<string, string> */
    private function known(string $column): array
    {
        return Row::of($this->getAttribute($column) ?? [], "spare {$this->tag}")->facts();
    }

    /** @return HasMany<SpareStory, $this> */
    public function story(): HasMany
    {
        return $this->hasMany(SpareStory::class)->orderBy('id');
    }

    /** @return HasMany<Loan, $this> */
    public function loans(): HasMany
    {
        return $this->hasMany(Loan::class)->orderByDesc('id');
    }

    /** @return HasOne<Loan, $this> */
    public function loan(): HasOne
    {
        return $this->hasOne(Loan::class)->whereNull('back_at');
    }

    /** @return BelongsTo<Job, $this> */
    public function reservedFor(): BelongsTo
    {
        return $this->belongsTo(Job::class, 'reserved_for');
    }

    public function isReservedFrom(?Job $job, ?CarbonInterface $now = null): bool
    {
        return $this->reserved_for !== null
            && $this->reserved_for !== $job?->id
            && $this->reserved_until !== null
            && $this->reserved_until->endOfDay() >= ($now ?? now());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'fits' => 'array',
            'facts' => 'array',
            'trust' => 'float',
            'value' => 'integer',
            'trust_at' => 'datetime',
            'reserved_until' => 'date',
        ];
    }
}
