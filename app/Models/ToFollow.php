<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What must follow entries of a job and is not done yet: words to its owner, orders, facts, what lists show.
 *
 * @property int          $id
 * @property int          $job_id
 * @property list<string> $kinds of the entries
 * @property int          $tries
 * @property Job          $job
 * @property Carbon       $written_at
 */
class ToFollow extends Model
{
    use KeptInUtc;

    public $timestamps = false;

    protected $table = 'to_follow';

    protected $fillable = ['job_id', 'kinds', 'tries', 'written_at'];

    protected $attributes = ['tries' => 0];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kinds' => 'array', 'written_at' => 'datetime'];
    }
}
