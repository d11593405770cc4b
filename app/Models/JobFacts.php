<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use stdClass;

/**
 * A closed job as statistics want it. Worked out from the record; it can be thrown away and made again.
 *
 * @property int     $job_id
 * @property string  $tag
 * @property string  $model
 * @property string  $family
 * @property string  $stop        stage the first start did not reach
 * @property string  $cause_part
 * @property string  $cause_fault
 * @property bool    $confirmed
 * @property float   $stated      chance stated of the likeliest part after the first start
 * @property bool    $stated_hit  that part was the cause
 * @property string  $act
 * @property string  $way
 * @property string  $outcome
 * @property string  $supplier
 * @property bool    $dead
 * @property string  $firmware
 * @property string  $batch
 * @property string  $bench
 * @property list<string> $signs  of the first start that says something, as "beeps:memory"
 * @property list<string> $spares tags of those that stood in it
 * @property list<string> $parts models of its parts, as "board: Kestrel B2"
 * @property ?int    $user_id
 * @property int     $minutes
 * @property int     $waited_owner   minutes
 * @property int     $waited_part
 * @property int     $waited_collect
 * @property int     $in_shop
 * @property Carbon  $closed_at
 * @property ?Carbon $back_at
 * @property ?int    $back_after  days
 */
class JobFacts extends Model
{
    use KeptInUtc;

    /** Ends of a job in which something was put right. */
    public const PUT_RIGHT = ['repaired', 'goodwill'];

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'job_id';

    protected $guarded = [];

    /**
     * Jobs whose cause is known: it was condemned, or was put right, proved so and has stayed well. To count the condemned ones alone would
     * count parts that are swapped and not those that are pressed home.
     *
     * @param  Builder<self>  $query
     */
    public function scopeOfKnownCause(Builder $query): void
    {
        $query
            ->where('cause_fault', '!=', '')
            ->where(
                fn (Builder $one): Builder => $one
                    ->where('confirmed', true)
                    ->orWhere(fn (Builder $well): Builder => $well->whereIn('outcome', self::PUT_RIGHT)->whereNull('back_after')),
            );
    }

    /** Whether its cause is known, as above: what was believed of a machine that went back as it came is no cause. */
    public static function isKnown(self|stdClass $row): bool
    {
        return $row->confirmed || (in_array($row->outcome, self::PUT_RIGHT, true) && $row->back_after === null);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'signs' => 'array',
            'spares' => 'array',
            'parts' => 'array',
            'confirmed' => 'boolean',
            'dead' => 'boolean',
            'stated_hit' => 'boolean',
            'closed_at' => 'datetime',
            'back_at' => 'datetime',
        ];
    }
}
