<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Job;
use App\Models\User;
use App\UseCases\RecordEntries;
use App\UseCases\TakeInMachine;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Symfony\Component\Yaml\Yaml;

/** Plays the demo jobs of `demo-jobs.yaml` through the same doors that people use. */
class JobsSeeder extends Seeder
{
    public function run(TakeInMachine $takeIn, RecordEntries $recordEntries): void
    {
        $people = User::query()->get()->keyBy('email');
        $today = Carbon::today();
        foreach (Yaml::parseFile(__DIR__.'/demo-jobs.yaml')['jobs'] as $demo) {
            $clock = $today->copy()->subDays($demo['days_ago'])->setTimeFromTimeString($demo['at']);
            Carbon::setTestNow($clock);
            $job = $takeIn->takeIn($people['oda'], $demo['owner'] + ['phone' => '', 'email' => ''], $demo['machine'], $demo['report'], $demo['tag']);
            foreach ($demo['entries'] ?? [] as $entry) {
                $this->record($recordEntries, $job, $people[$entry['by'] ?? $demo['technician']], $entry, $clock);
            }
        }
        Carbon::setTestNow();
    }

    /** @param  array<string, mixed>  $entry */
    private function record(RecordEntries $recordEntries, Job $job, User $by, array $entry, Carbon $clock): void
    {
        $clock->addMinutes($entry['after'] ?? 7);
        Carbon::setTestNow($clock);
        $recordEntries->record($job, $by, [array_diff_key($entry, ['after' => 1, 'by' => 1])]);
    }
}
