<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A backup that was made, or failed.
 *
 * @property int     $id
 * @property string  $path  empty where it failed
 * @property int     $bytes
 * @property string  $error
 * @property ?Carbon $proved_at when it was restored into a scratch place
 * @property string  $proof what came of that
 * @property Carbon  $made_at
 */
class Backup extends Model
{
    use KeptInUtc;

    public $timestamps = false;

    protected $fillable = ['path', 'bytes', 'error', 'proved_at', 'proof', 'made_at'];

    protected $attributes = ['path' => '', 'bytes' => 0, 'error' => '', 'proved_at' => null, 'proof' => ''];

    /** What the lead must know of it, in one sentence; null where all is well, or no backup is wanted yet. */
    public static function trouble(): ?string
    {
        $last = self::query()->latest('id')->first();
        $good = self::query()->where('error', '')->latest('id')->first();

        return match (true) {
            shop()->isDemo() => null,
            shop()->backupFolder === '' => 'No backup is made: say below where to. Until then a broken disk takes everything.',
            $good === null && $last === null => null,
            $last !== null && $last->error !== '' => "The last backup failed: {$last->error}",
            $good === null || $good->made_at < now()->subHours(36) => 'The last backup is more than a day old: does the clock run?',
            $good->proof !== '' && $good->proof !== 'whole' => "The backup could not be restored when it was tried: {$good->proof}",
            default => null,
        };
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['proved_at' => 'datetime', 'made_at' => 'datetime'];
    }
}
