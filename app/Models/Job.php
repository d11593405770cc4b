<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\HandBack\Plan;

/**
 * One machine, in the shop once.
 *
 * @property int      $id
 * @property string   $tag
 * @property string   $letter_token kept encrypted; found again by its hash
 * @property Machine  $machine
 * @property ?Summary $summary
 * @property User     $takenInBy
 * @property ?Call    $call
 * @property \Illuminate\Database\Eloquent\Collection<int, Loan> $loans spares that are with it
 * @property ?Claim   $claim the bench it stands on, and who has it in hand
 * @property ?Carbon  $arrived_at   null while there was only a call
 * @property ?Carbon  $next_word_at when the owner was promised to hear
 * @property ?array<string, mixed> $agreed what was agreed with the owner
 * @property string   $letter_level short or full
 * @property string   $letter_words the line of the letter that is somebody's own
 * @property ?Carbon  $link_until until when the owner's address opens
 * @property ?int     $comeback_of the job it came back from
 * @property ?array<string, mixed> $comeback what was done beside, where it came back
 * @property ?array{kind: string, part: string, step: string, since: string, by: int} $parked until a spare of a kind comes
 * @property ?string  $spare_here tag of the spare that came for it, until it is taken up
 * @property ?array{paid: int, from: string, return_until: ?string, lot: ?string} $own a machine of the shop's own
 * @property \Illuminate\Database\Eloquent\Collection<int, Quote> $quotes
 * @property \Illuminate\Database\Eloquent\Collection<int, Order> $orders
 * @property Carbon   $created_at
 */
class Job extends Model
{
    use KeptInUtc;

    protected $fillable = [
        'tag',
        'machine_id',
        'letter_token',
        'letter_token_hash',
        'taken_in_by',
        'arrived_at',
        'next_word_at',
        'agreed',
        'letter_level',
        'letter_words',
        'link_until',
        'own',
        'comeback_of',
        'comeback',
        'parked',
        'spare_here',
        'guided',
    ];

    /** @var array<string, mixed> */
    protected $attributes = ['guided' => false];

    protected $hidden = ['letter_token', 'letter_token_hash'];

    /** The job of an owner's address, where it still opens. */
    public static function byLetterToken(string $token): ?self
    {
        return self::query()
            ->where('letter_token_hash', AddressToken::of($token)->hash())
            ->where(fn ($open) => $open->whereNull('link_until')->orWhere('link_until', '>', now()))
            ->first();
    }

    /**
     * Makes other writers of this job wait until the transaction ends. It must come first in the transaction: a write at
     * once takes the lock, where a read that later wants to write would be turned away.
     */
    public function holdForWriting(): void
    {
        self::query()
            ->whereKey($this->getKey())
            ->update(['updated_at' => now()]);
    }

    protected static function booted(): void
    {
        static::created(fn (self $job) => JobWords::keep($job->load(['machine.owner', 'facts'])));
    }

    public function getRouteKeyName(): string
    {
        return 'tag';
    }

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }

    /** @return BelongsTo<User, $this> */
    public function takenInBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'taken_in_by');
    }

    /** @return HasMany<Entry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(Entry::class)->orderBy('number');
    }

    /** What it waits for, by its summary; the first start where none was made yet. */
    public function state(): JobState
    {
        return $this->summary->waits_for ?? JobState::FirstStart;
    }

    /** @return HasOne<Summary, $this> */
    public function summary(): HasOne
    {
        return $this->hasOne(Summary::class);
    }

    /** @return HasOne<JobFacts, $this> what statistics keep of it once it is closed */
    public function facts(): HasOne
    {
        return $this->hasOne(JobFacts::class);
    }

    /** @return HasOne<Call, $this> */
    public function call(): HasOne
    {
        return $this->hasOne(Call::class);
    }

    /** @return HasMany<Loan, $this> spares that are with it, not brought back yet */
    public function loans(): HasMany
    {
        return $this->hasMany(Loan::class)->whereNull('back_at')->orderBy('id');
    }

    /** @return HasOne<Claim, $this> */
    public function claim(): HasOne
    {
        return $this->hasOne(Claim::class);
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class);
    }

    /** @return HasMany<Quote, $this> newest first */
    public function quotes(): HasMany
    {
        return $this->hasMany(Quote::class)->orderByDesc('id');
    }

    /** @return HasMany<Order, $this> newest first */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class)->orderByDesc('id')->chaperone();
    }

    /** @return HasMany<Message, $this> newest first */
    public function messages(): HasMany
    {
        return $this->hasMany(Message::class)->orderByDesc('id');
    }

    public function hasArrived(): bool
    {
        return $this->arrived_at !== null;
    }

    /** @param  Builder<self>  $query */
    public function scopeHere(Builder $query): void
    {
        $query->whereNotNull('arrived_at');
    }

    /** @param  Builder<self>  $query */
    public function scopeOpen(Builder $query): void
    {
        // The few that are open drive the question, however many are closed.
        $query->whereNotNull('arrived_at')->whereIn('jobs.id', Summary::query()->where('closed', false)->select('job_id'));
    }

    /** How far its owner wants it proved: one of the depths of a Plan. */
    public function proving(): string
    {
        return $this->agreed['proving'] ?? Plan::USUAL;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'letter_token' => 'encrypted',
            'arrived_at' => 'datetime',
            'next_word_at' => 'datetime',
            'agreed' => 'array',
            'parked' => 'array',
            'own' => 'array',
            'guided' => 'boolean',
            'comeback' => 'array',
            'link_until' => 'datetime',
        ];
    }
}
