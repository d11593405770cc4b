<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Figure;
use App\Models\KeepingRun;
use App\Models\Shop;
use App\Queued\MakeTheNightsBackup;
use App\Queued\WorkOutFigures;
use App\Queued\WorkOutLesson;
use App\UseCases\Advice\Learn;
use App\UseCases\Jobs\FollowUp;
use App\UseCases\Owners\LetGo;
use App\UseCases\Owners\SendMessages;
use App\UseCases\Shop\OneClock;
use App\UseCases\Shop\Reserve;
use App\UseCases\Shop\WrongClock;
use Illuminate\Console\Command;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Catalogue\Catalogue;
use Throwable;

/** The shop's clock: sends what is due, again and again. */
final class WorkCommand extends Command
{
    protected $signature = 'shop:work {--once : one round, and end}';

    protected $description = 'Sends messages that are due';

    private const EVERY = 15;

    /** Hour of the shop's clock at which a night's work is due. */
    private const NIGHT = 3;

    /** What is slow to work out is worked out once a day. */
    private function figures(): void
    {
        if (! Figure::query()->whereKey('how-well')->whereBetween('made_at', [now()->subDay(), now()])->exists()) {
            WorkOutFigures::dispatch();
        }
    }

    /** By night, once: what the shop keeps no longer. A shop that is shut by then does it when it is opened next. */
    private function letGo(): void
    {
        $night = now()->hour < self::NIGHT ? now()->subDay()->setTime(self::NIGHT, 0) : now()->setTime(self::NIGHT, 0);
        if (! KeepingRun::query()->whereBetween('made_at', [$night, now()])->exists()) {
            $leapt = WrongClock::leapt();
            $leapt === null ? LetGo::tonight() : LetGo::waitANight($leapt);
            MakeTheNightsBackup::dispatch();
        }
    }

    public function handle(Application $app): int
    {
        do {
            $this->round($app);
            $this->option('once') || sleep(self::EVERY);
        } while (! $this->option('once'));

        return self::SUCCESS;
    }

    /** What fails in one round is written down and tried in the next: the clock goes on. */
    private function round(Application $app): void
    {
        try {
            if (! $app->make(OneClock::class)->isMine()) {
                return;
            }
            // What was read for one round is not kept for the next: the shop goes on working, and this goes on for years.
            $app->forgetScopedInstances();
            $app->forgetInstance(Shop::class);
            $app->forgetInstance(Catalogue::class);
            date_default_timezone_set(shop()->timeZone);
            Reserve::hold();
            WrongClock::mend();
            $this->letGo();
            $this->figures();
            rescue(fn () => $app->make(FollowUp::class)->heal());
            DB::table('taken_once')->where('sent_at', '<', now()->subDays(2))->delete();
            $count = $app->make(SendMessages::class)->due();
            // Last, as it is slow: no word to an owner waits for it.
            Learn::wasAsked() && rescue(fn () => WorkOutLesson::dispatch());
            if ($count['sent'] + $count['failed'] > 0 || $this->option('once')) {
                $this->line("{$count['sent']} sent, {$count['failed']} failed");
            }
        } catch (Throwable $failed) {
            report($failed);
            $this->error($failed->getMessage());
        }
    }
}
