<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Figure;
use App\UseCases\Owners\SendMessages;
use Illuminate\Console\Command;
use Illuminate\Contracts\Foundation\Application;

/** The shop's clock: sends what is due, again and again. */
final class WorkCommand extends Command
{
    protected $signature = 'shop:work {--once : one round, and end}';

    protected $description = 'Sends messages that are due';

    private const EVERY = 15;

    /** What is slow to work out is worked out once a day. */
    private function figures(): void
    {
        if (! Figure::query()->whereKey('how-well')->where('made_at', '>', now()->subDay())->exists()) {
            $this->callSilently('shop:figures');
        }
    }

    public function handle(Application $app): int
    {
        do {
            // What was read for one round is not kept for the next: the shop goes on working, and this goes on for years.
            $app->forgetScopedInstances();
            $this->figures();
            $count = $app->make(SendMessages::class)->due();
            if ($count['sent'] + $count['failed'] > 0 || $this->option('once')) {
                $this->line("{$count['sent']} sent, {$count['failed']} failed");
            }
            $this->option('once') || sleep(self::EVERY);
        } while (! $this->option('once'));

        return self::SUCCESS;
    }
}
