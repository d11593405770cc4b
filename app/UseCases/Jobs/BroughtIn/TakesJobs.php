<?php

declare(strict_types=1);

namespace App\UseCases\Jobs\BroughtIn;

use App\Models\BringIn;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Owner;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\NewJob;
use Illuminate\Support\Carbon;

/**
 * Jobs of before, closed as they were: found again by owner and machine, with what was told and done in the words of then. Nothing of them
 * was proved here, so they are no ground for learning and patterns, and nobody is written to.
 */
final readonly class TakesJobs implements TakesRows
{
    private const NOT_PROVED = 'Brought in from the books of before. What was done then was not proved here.';

    public function __construct(private NewJob $newJob, private AssessJob $assessJob)
    {
    }

    public function against(array $rows): array
    {
        $mistakes = [];
        foreach ($rows as $line => $row) {
            if ($row['came'] > now()->format('Y-m-d')) {
                $mistakes[$line] = 'It came on a day that is still to come.';
            } elseif ($row['back'] !== '' && $row['back'] < $row['came']) {
                $mistakes[$line] = 'It was handed back before it came.';
            }
        }

        return $mistakes;
    }

    public function take(array $rows, User $by, BringIn $from): string
    {
        $added = 0;
        foreach ($rows as $row) {
            if (! $this->isThere($row)) {
                $this->one($row, $by);
                $added++;
            }
        }
        $there = count($rows) - $added;

        return "{$added} past jobs were brought in".($there > 0 ? "; {$there} stood here already." : '.');
    }

    /** @param  array<string, string|int>  $row */
    private function isThere(array $row): bool
    {
        return $row['number'] !== ''
            && Entry::query()
                ->where('kind', 'note')
                ->where('made_at', Carbon::parse((string) $row['came'])->setTime(12, 0))
                ->where('body->text', 'like', "Number {$row['number']} in the books of before.%")
                ->exists();
    }

    /** @param  array<string, string|int>  $row */
    private function one(array $row, User $by): void
    {
        $given = TakesOwners::given($row);
        $came = Carbon::parse((string) $row['came'])->setTime(12, 0);
        $back = $row['back'] === '' ? $came->copy() : Carbon::parse((string) $row['back'])->setTime(13, 0);
        $job = $this->newJob->make(
            $by,
            TakesOwners::same($given) ?? Owner::query()->create($given),
            ['model' => (string) $row['model']],
            $came,
        );
        $job->forceFill(['agreed' => [], 'created_at' => $came])->save();
        $number = $row['number'] === '' ? 'From' : "Number {$row['number']} in";
        $done = $row['done'] === '' ? '' : " Then was done: {$row['done']}";
        $entries = [
            ['report', ['text' => (string) $row['told']], $came],
            ['note', ['text' => "{$number} the books of before.{$done}"], $came],
            [
                'closing',
                [
                    'price' => (int) $row['price'],
                    'warranty_months' => (int) $row['warranty'],
                    'signed_off' => self::NOT_PROVED,
                    'outcome' => self::outcome((string) $row['done']),
                ],
                $back,
            ],
            ['collection', ['method' => 'none', 'amount' => 0, 'with' => [], 'text' => ''], $back],
        ];
        foreach ($entries as $i => [$kind, $body, $at]) {
            Entry::query()->create([
                'job_id' => $job->id,
                'number' => $i + 1,
                'kind' => $kind,
                'body' => $body,
                'user_id' => $by->id,
                'sent_once' => null,
                'made_at' => $at,
            ]);
        }
        $this->assessJob->refresh(Job::query()->with('machine.owner')->findOrFail($job->id));
    }

    private static function outcome(string $done): string
    {
        return match (true) {
            preg_match('/\b(no fault|nothing found|nff)\b/i', $done) === 1 => 'no-fault-found',
            preg_match('/\b(unrepaired|not repaired|returned as is|beyond repair|declined)\b/i', $done) === 1 => 'unrepaired',
            default => 'repaired',
        };
    }
}
