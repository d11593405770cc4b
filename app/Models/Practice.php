<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Practice\Debrief;
use Orthoscope\Core\Practice\Done;
use Orthoscope\Core\Practice\Puzzle;
use Orthoscope\Core\Practice\Verdict;

/**
 * One go of somebody at a practice machine.
 *
 * @property int     $id
 * @property int     $user_id
 * @property string  $kind    one of the constants
 * @property ?string $family
 * @property ?int    $grade
 * @property ?Carbon $day     of the machine of the day
 * @property array<string, mixed> $puzzle as in a file of `orthoscope-practice/1`
 * @property string  $advice  a key of ADVICE
 * @property list<array<string, mixed>> $course deeds and what they answered
 * @property int     $asked   how often the adviser was asked
 * @property ?int    $asked_at deeds there were when it was asked last
 * @property ?array<string, mixed> $verdict
 * @property ?bool   $right
 * @property ?bool   $passed  of a test: right, without a grave risk and the adviser silent
 * @property ?int    $points
 * @property ?int    $minutes
 * @property ?Carbon $ended_at
 * @property User    $user
 * @property Carbon  $created_at
 */
class Practice extends Model
{
    use KeptInUtc;

    public const ANY = 'any';

    public const DAY = 'day';

    public const LESSON = 'lesson';

    public const TEST = 'test';

    public const CASE = 'case';

    public const SILENT = 'silent';

    public const ASKED = 'asked';

    public const SPEAKS = 'speaks';

    /** What the adviser does meanwhile. */
    public const ADVICE = [
        self::SILENT => 'adviser silent',
        self::ASKED => 'adviser when asked',
        self::SPEAKS => 'adviser speaks',
    ];

    protected $fillable = [
        'user_id', 'kind', 'family', 'grade', 'day', 'practice_case_id', 'puzzle', 'advice', 'course', 'asked', 'asked_at', 'verdict',
        'right', 'passed', 'points', 'minutes', 'ended_at',
    ];

    public function core(): Puzzle
    {
        return Puzzle::fromArray($this->puzzle);
    }

    /** @return list<Done> */
    public function done(): array
    {
        return array_map(Done::fromArray(...), $this->course);
    }

    public function isOver(): bool
    {
        return $this->verdict !== null;
    }

    public function said(): ?Verdict
    {
        return $this->verdict === null ? null : Verdict::fromArray($this->verdict);
    }

    /** Whether what the adviser thinks is shown now: always, or until the next deed after it was asked. */
    public function showsAdvice(): bool
    {
        return $this->advice === self::SPEAKS || ($this->advice === self::ASKED && $this->asked_at === count($this->course));
    }

    /** Points that asking the adviser has cost. */
    public function askingCost(): int
    {
        return $this->asked * Debrief::ASKING;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @param  Builder<Practice>  $query */
    public function scopeEnded(Builder $query): void
    {
        $query->whereNotNull('ended_at');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'puzzle' => 'array',
            'course' => 'array',
            'verdict' => 'array',
            'right' => 'boolean',
            'passed' => 'boolean',
            'day' => 'date:Y-m-d',
            'ended_at' => 'datetime',
        ];
    }
}
