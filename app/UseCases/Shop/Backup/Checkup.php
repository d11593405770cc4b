<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

use App\Models\Backup;
use App\Models\EntryChain;
use App\Models\KeepingRun;
use App\Models\Message;
use App\Models\Photo;
use App\Models\ToFollow;
use App\UseCases\Shop\Backup\Stores\DataStore;
use App\UseCases\Shop\DataFolder;
use App\UseCases\Shop\KeepPhoto;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Throwable;

/** Looks at what the shop's data stand on, and says of each in one line what to do where it is not well. */
final readonly class Checkup
{
    private const EXTENSIONS = ['gd', 'intl', 'mbstring', 'openssl', 'zip'];

    /** Hours after which somebody should look why slow work waits; one piece may take an hour. Origin: judgement. */
    private const WAITS = 3;

    /** Bytes of free room under which there is trouble soon. Origin: judgement. */
    private const ROOM = 500 * 1024 * 1024;

    public function __construct(private DataStore $store)
    {
    }

    /** @return array<string, ?string> what was looked at => what to do; null = it is well */
    public function all(): array
    {
        $looks = [
            'the database' => $this->database(...),
            'what belongs together' => $this->orphans(...),
            'the record' => $this->record(...),
            'photographs' => $this->photographs(...),
            'what must follow entries' => $this->toFollow(...),
            'slow work' => $this->slowWork(...),
            'words to owners' => $this->messages(...),
            'the shop\'s clock' => $this->clock(...),
            'what is let go by night' => $this->night(...),
            'room on the disk' => $this->room(...),
            'backups' => Backup::trouble(...),
            'PHP' => $this->php(...),
        ];

        return array_map($this->looked(...), $looks);
    }

    /** @param  callable(): ?string  $look */
    private function looked(callable $look): ?string
    {
        try {
            return $look();
        } catch (Throwable $failed) {
            return 'This could not be looked at: '.mb_strimwidth($failed->getMessage(), 0, 200, '…');
        }
    }

    private function database(): ?string
    {
        $said = $this->store->ill();

        return $said === ''
            ? null
            : 'It is broken. Stop the program and restore the newest backup: bin/restore ARCHIVE. It says: '.$said;
    }

    private function orphans(): ?string
    {
        $lost = $this->store->lost();

        return $lost === 0
            ? null
            : $lost.' rows point to something that is not there. Restore the newest backup beside it and compare.';
    }

    private function record(): ?string
    {
        $broken = EntryChain::broken();
        $first = array_key_first($broken);

        return $first === null
            ? null
            : count($broken).
                    ' jobs have a record that was changed or cut: job number '.
                    $first.
                    ' from entry '.
                    $broken[$first].
                    ' on. Compare them with a backup from before.';
    }

    private function photographs(): ?string
    {
        $gone = Photo::query()
            ->get(['file'])
            ->filter(fn (Photo $photo): bool => ! Storage::exists(KeepPhoto::path($photo->file)))
            ->count();

        return $gone === 0 ? null : "{$gone} photographs are not where they were kept. Take them from the newest backup.";
    }

    private function toFollow(): ?string
    {
        $old = ToFollow::query()
            ->where('written_at', '<', now()->subMinutes(10))
            ->count();

        return $old === 0
            ? null
            : "{$old} entries wait for what must follow them. Start the shop's clock: php artisan shop:work --once.";
    }

    private function slowWork(): ?string
    {
        $old = DB::table('queued')->where('available_at', '<', now()->subHours(self::WAITS)->getTimestamp())->count();
        $failed = DB::table('failed_jobs')->where('failed_at', '>', now()->subDays(7))->count();

        return match (true) {
            $old > 0 => "{$old} pieces of it wait for more than ".self::WAITS.' hours. Start a worker: php artisan queue:work.',
            $failed > 0 => "{$failed} pieces of it failed within a week: php artisan queue:failed says why.",
            default => null,
        };
    }

    private function messages(): ?string
    {
        $late = Message::query()
            ->due()
            ->where('next_try_at', '<', now()->subHour())
            ->count();
        $far = Message::query()
            ->whereIn('state', ['waiting', 'failed'])
            ->where('next_try_at', '>', now()->addDays(100))
            ->count();

        return match (true) {
            $late > 0 => "{$late} messages are due for more than an hour. Start the shop's clock.",
            $far > 0 => "{$far} messages wait for a day that is months ahead: was the clock wrong? Send them by hand.",
            default => null,
        };
    }

    private function night(): ?string
    {
        $last = KeepingRun::query()->where('made_at', '<=', now())->latest('made_at')->first();

        return $last === null || $last->error === '' ? null : $last->error;
    }

    private function clock(): ?string
    {
        $entry = DB::table('entries')->max('made_at');
        $ahead = $entry !== null && Carbon::parse((string) $entry, 'UTC') > now()->addMinutes(5);
        $night = KeepingRun::query()->where('made_at', '<=', now())->max('made_at');

        $late = $night !== null && Carbon::parse((string) $night, 'UTC') < now()->subHours(36);

        return match (true) {
            $ahead => 'Entries were written at a time that is still to come: let the network set the clock of this machine.',
            $late => 'It has not come round for more than a day. Start it.',
            default => null,
        };
    }

    private function room(): ?string
    {
        $free = disk_free_space(DataFolder::path());

        return $free === false || $free > self::ROOM
            ? null
            : 'Only '.(int) ($free / 1024 / 1024).' MB are free. Make room before nothing can be written.';
    }

    private function php(): ?string
    {
        $missing = array_filter([...self::EXTENSIONS, $this->store->extension()], fn (string $name): bool => ! extension_loaded($name));

        return $missing === [] ? null : 'Extensions of PHP are missing: '.implode(', ', $missing).'. Install them.';
    }
}
