<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Bulletin;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\Learn;
use App\UseCases\Advice\WatchPatterns;
use App\UseCases\Advice\WorkOutHowWell;
use App\UseCases\Jobs\ComeBack;
use App\UseCases\Jobs\GenerateJobs;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Parts\SupplierClaims;
use Illuminate\Database\Seeder;

/** What lies behind the demo shop: two years of closed jobs, a machine that came back, a part that went back, and what was made of it. */
class HistorySeeder extends Seeder
{
    private const JOBS = 480;

    public function run(
        GenerateJobs $generate,
        ComeBack $comeBack,
        RecordEntries $recordEntries,
        SupplierClaims $claims,
        WatchPatterns $watch,
        WorkOutHowWell $howWell,
        Learn $learn,
    ): void {
        $people = User::query()->get()->keyBy('email');
        $generate->make(self::JOBS, 'demo');
        $first = Job::query()->where('tag', 'N5-372')->firstOrFail();
        $back = $comeBack->of(
            $first,
            $people['oda'],
            ['text' => 'Black again, but only in the mornings.', 'reached' => 'dark', 'only' => 'cold'],
            'E6-253',
        );
        $recordEntries->record($back, $people['piet'], [
            ['kind' => 'start', 'reached' => 'stays', 'times' => 2, 'text' => 'As if nothing were wrong'],
        ]);
        $claim = $claims->open(
            $first,
            $people['maud'],
            'stick-2',
            '',
            'Ropewalk Wholesale',
            'Fails in our bench machine as in the owner\'s',
            now()->addDays(20)->toDateString(),
        );
        $claims->send($claim, '', 600);
        $claims->answered($claim->refresh(), 'no-fault-found', 'ran for ten minutes on their bench', 0);
        $watch->look();
        $howWell->workOut();
        $learn->propose();
        Bulletin::query()->create([
            'model' => 'Plover Max',
            'words' => 'A small part by the socket comes off these boards. Glass over the board before anything is swapped.',
            'fault' => 'board-knocked',
            'factor' => 4,
            'expires_at' => now()->addMonths(5),
            'user_id' => $people['maud']->id,
        ]);
    }
}
