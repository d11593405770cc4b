<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\CallOutcome;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Jobs\HoldCall;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Jobs\TakeInMachine;
use App\UseCases\Shop\PromiseNextWord;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Symfony\Component\Yaml\Yaml;

/** Plays the demo jobs of `demo-jobs.yaml` through the same doors that people use. */
class JobsSeeder extends Seeder
{
    /** Minute of the day by which what is told of the last day has happened; what began to dry then has not dried a day later. */
    private const MORNING = 630;

    public function run(TakeInMachine $takeIn, RecordEntries $recordEntries, HoldCall $calls): void
    {
        $people = User::query()->get()->keyBy('email');
        $clockBefore = Carbon::getTestNow();
        // The last day whose morning is over: nothing in the demo lies ahead of whoever looks at it.
        $today = Carbon::now()->subMinutes(self::MORNING)->startOfDay();
        foreach (Yaml::parseFile(__DIR__.'/demo-jobs.yaml')['jobs'] as $demo) {
            $clock = $today->copy()->subDays($demo['days_ago'])->setTimeFromTimeString($demo['at']);
            Carbon::setTestNow($clock);
            $job = $takeIn->takeIn(
                $people['oda'],
                $demo['owner'] + ['phone' => '', 'email' => ''],
                $demo['machine'],
                [['kind' => 'report', ...$demo['report']]],
                $demo['tag'],
            );
            foreach ($demo['entries'] ?? [] as $entry) {
                $this->record($recordEntries, $job, $people[$entry['by'] ?? $demo['technician']], $entry, $clock);
            }
        }
        $this->calls($calls, $people['oda'], $today);
        Carbon::setTestNow($clockBefore);
    }

    private function calls(HoldCall $calls, User $by, Carbon $today): void
    {
        foreach (Yaml::parseFile(__DIR__.'/demo-calls.yaml')['calls'] as $demo) {
            Carbon::setTestNow($today->copy()->subDays($demo['days_ago'])->setTimeFromTimeString($demo['at']));
            $job = $calls->begin($by, $demo['name'], $demo['phone'], $demo['tag']);
            $job->machine->update(['model' => $demo['model']]);
            foreach ($demo['answers'] as $answer) {
                [$question, $given] = explode(':', $answer['said']);
                $calls->answer($job, $by, $question, $given, $answer['remark'] ?? '');
            }
            match ($demo['state']) {
                'paused' => $calls->pause($job),
                'visit' => $calls->end($job, CallOutcome::Visit, [], PromiseNextWord::slot()),
                default => null,
            };
        }
    }

    /** @param  array<string, mixed>  $entry */
    private function record(RecordEntries $recordEntries, Job $job, User $by, array $entry, Carbon $clock): void
    {
        $clock->addMinutes($entry['after'] ?? 7);
        Carbon::setTestNow($clock);
        $recordEntries->record($job, $by, [array_diff_key($entry, ['after' => 1, 'by' => 1])]);
    }
}
