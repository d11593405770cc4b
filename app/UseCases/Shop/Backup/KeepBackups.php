<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

use App\Models\Backup;
use Illuminate\Support\Carbon;

/** Which backups are kept: the newest of each of the last 7 days, 5 weeks and 12 months. Origin: common practice, no source. */
final readonly class KeepBackups
{
    private const RULE = ['Y-m-d' => 7, 'o-W' => 5, 'Y-m' => 12];

    private const DRILL_DAYS = 7;

    public function __construct(private MakeBackup $make, private ProveBackup $prove)
    {
    }

    /** A night's work: one backup, the drill once a week, and those that are over cleared away. Nothing where no folder is set. */
    public function tonight(): ?Backup
    {
        $shop = shop();
        if ($shop->backupFolder === '') {
            return null;
        }
        $backup = $this->make->into($shop->backupFolder, $shop->backupPassword());
        $proved = Backup::query()->where('proved_at', '<=', now())->max('proved_at');
        if ($backup->error === '' && ($proved === null || Carbon::parse((string) $proved, 'UTC') < now()->subDays(self::DRILL_DAYS))) {
            $this->drill($backup);
        }
        $this->clear($shop->backupFolder);

        return $backup;
    }

    /** Restores it into a scratch place, and writes down what came of it. */
    public function drill(Backup $backup): void
    {
        try {
            $this->prove->drill($backup->path, shop()->backupPassword());
            $backup->update(['proved_at' => now(), 'proof' => 'whole']);
        } catch (BackupFailed $failed) {
            $backup->update(['proved_at' => now(), 'proof' => mb_strimwidth($failed->getMessage(), 0, 480, '…')]);
        }
    }

    /** @return list<string> names that were cleared away */
    public function clear(string $folder): array
    {
        $names = array_map(basename(...), glob("{$folder}/orthoscope-*.zip") ?: []);
        $over = array_values(array_diff($names, self::kept($names)));
        foreach ($over as $name) {
            @unlink("{$folder}/{$name}");
        }

        return $over;
    }

    /**
     * @param  list<string>  $names as MakeBackup gives them; others are not ours, and are kept
     *
     * @return list<string>
     */
    public static function kept(array $names): array
    {
        rsort($names);
        $keep = [];
        foreach (self::RULE as $span => $most) {
            $spans = [];
            foreach ($names as $name) {
                if (preg_match('/^orthoscope-(\d{8})-\d{6}\.zip$/', $name, $found) !== 1) {
                    $keep[$name] = true;

                    continue;
                }
                $of = Carbon::createFromFormat('!Ymd', $found[1])?->format($span) ?? '';
                if (! isset($spans[$of]) && count($spans) < $most) {
                    $spans[$of] = $keep[$name] = true;
                }
            }
        }
        $kept = array_keys($keep);
        sort($kept);

        return $kept;
    }
}
