<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Jobs\FollowUp;
use App\UseCases\Shop\Backup\Checkup;
use Illuminate\Console\Command;

/** What the shop's data stand on, and what to do where it is not well. */
final class DoctorCommand extends Command
{
    protected $signature = 'shop:doctor {--repair : does what was left behind after entries}';

    protected $description = 'Looks at database, record, photographs, disk, clock and backups, and says what to do';

    public function handle(Checkup $checkup, FollowUp $follow): int
    {
        if ($this->option('repair')) {
            $this->line('carried out on '.$follow->heal().' jobs');
        }
        $ill = 0;
        foreach ($checkup->all() as $what => $remedy) {
            $remedy === null ? $this->line("well  {$what}") : $this->error("ILL   {$what}: {$remedy}");
            $ill += $remedy === null ? 0 : 1;
        }

        return $ill === 0 ? self::SUCCESS : self::FAILURE;
    }
}
