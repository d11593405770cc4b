<?php

declare(strict_types=1);

namespace App\UseCases\Parts;

use App\Models\Job;
use App\Models\Loan;
use App\Models\Spare;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Lending\LoanEvidence;

/** A spare that a start lends must be free and in one place; it stays with the job until it is brought back with a look and a result. */
final readonly class Loans
{
    public function __construct(private Catalogue $catalogue, private SpareBook $book, private SpareArrived $arrived)
    {
    }

    /**
     * @param  array<string, mixed>  $written an entry
     *
     * @return array<string, mixed> the same, with the shelf's trust
     *
     * @throws CaseMistake that says who has it and where, or why it is not lent
     */
    public function settle(Job $job, User $by, array $written): array
    {
        foreach ($written['setup']['lent'] ?? [] as $part => $loan) {
            $spare = $this->find((string) $loan['tag'], '/setup/lent');
            $this->lend($spare, $job, $by);
            $written['setup']['lent'][$part]['trust'] = round($spare->trustNow(), 4);
        }
        if (($written['kind'] ?? '') === 'finding' && $this->catalogue->check((string) $written['check'])->host) {
            $written = $this->inHost($job, $by, $written);
        }
        if (($written['kind'] ?? '') === 'act' && ! in_array($written['with']['tag'] ?? '', ['new', ''], true)) {
            $spare = $this->find((string) $written['with']['tag'], '/with');
            $this->fit($spare, $job, $by);
            $written['with']['trust'] = round($spare->trustNow(), 4);
        }

        return $written;
    }

    /** It stays in the machine: a loan that does not come back. */
    private function fit(Spare $spare, Job $job, User $by): void
    {
        $keeps = $this->book->notForSale($spare, $job);
        if ($keeps !== null && ! $by->can('lead')) {
            throw CaseMistake::at('/with', "{$keeps} Lend it for a trial, and fit another; if it stays all the same, a lead records it.");
        }
        $this->lend($spare, $job, $by);
        Loan::query()
            ->where('spare_id', $spare->id)
            ->whereNull('back_at')
            ->update(['back_at' => now(), 'result' => 'worked', 'words' => 'stays in the machine']);
        $this->book->move($spare, 'fitted', "fitted in {$job->tag}", $by, $job);
    }

    /**
     * A cross test says in which machine: hosts of the shop have a tag and a trust. A shop that keeps none names none. Whether the host
     * ran with its own part back is a proof of the host.
     *
     * @param  array<string, mixed>  $written
     *
     * @return array<string, mixed>
     *
     * @throws CaseMistake
     */
    private function inHost(Job $job, User $by, array $written): array
    {
        $hosts = Spare::query()
            ->where('kind', 'host')
            ->whereIn('status', ['free', 'quarantined'])
            ->orderBy('tag')
            ->get()
            ->keyBy('tag');
        if ($hosts->isEmpty()) {
            return $written;
        }
        $host = $hosts->get((string) ($written['host']['tag'] ?? ''))
            ?? throw CaseMistake::at('/host', 'Say in which machine it was tried: '.$hosts->keys()->implode(', ').'.');
        if ($host->status !== 'free') {
            throw CaseMistake::at('/host', "{$host->tag} is in quarantine: {$host->reason}. Take another host.");
        }

        $written['host'] = [...$written['host'], 'tag' => $host->tag, 'trust' => round($host->trustNow(), 4)];
        if ($host->isOfBoard($job->machine->platformFact('board'))) {
            $written['host']['same_board'] = true;
        }
        if (isset($written['host']['own'])) {
            $runs = $written['host']['own'] === 'runs';
            $this->book->prove($host, 'job', $runs, $runs ? 'ran with its own part back' : 'failed with its own part too', $by, $job);
        }

        return $written;
    }

    /** @throws CaseMistake */
    public function lend(Spare $spare, Job $job, User $by): void
    {
        $open = self::openLoan($spare);
        // What is in the machine is in the machine, also where it went into quarantine meanwhile: the record says what was.
        if ($open !== null && $open->job_id === $job->id) {
            return;
        }
        self::mayBeLent($spare, $job);
        if ($open !== null) {
            throw self::isLentTo($open, $spare);
        }
        try {
            DB::transaction(
                fn () => Loan::query()->create([
                    'spare_id' => $spare->id,
                    'job_id' => $job->id,
                    'user_id' => $by->id,
                    'lent_at' => now(),
                    'due_at' => now()->addDays($this->catalogue->shelf->loanDays($spare->kind)),
                ]),
            );
        } catch (UniqueConstraintViolationException) {
            // Someone else took it at the same moment.
            throw self::isLentTo(self::openLoan($spare), $spare);
        }
    }

    private static function openLoan(Spare $spare): ?Loan
    {
        return Loan::query()
            ->with(['job', 'user'])
            ->where('spare_id', $spare->id)
            ->whereNull('back_at')
            ->first();
    }

    /** @throws CaseMistake that says what keeps it on the shelf */
    private static function mayBeLent(Spare $spare, Job $job): void
    {
        if ($spare->status !== 'free') {
            $state = Spare::STATUSES[$spare->status].($spare->reason === '' ? '' : ": {$spare->reason}");
            throw CaseMistake::at('/setup/lent', "{$spare->tag} is {$state}. Take another.");
        }
        if ($spare->isReservedFrom($job)) {
            $until = $spare->reserved_until?->format('j M');
            throw CaseMistake::at(
                '/setup/lent',
                "{$spare->tag} is reserved for {$spare->reservedFor?->tag} until {$until}. Take another, or ask.",
            );
        }
    }

    private static function isLentTo(?Loan $open, Spare $spare): CaseMistake
    {
        $since = $open?->lent_at->format('j M, H:i');

        return CaseMistake::at(
            '/setup/lent',
            "{$spare->tag} is lent to {$open?->job->tag}; {$open?->user->name} has it since {$since}. "
                .'Bring it back there first, or take another.',
        );
    }

    /** Back on the shelf, with what the job's evidence says of it. */
    public function bringBack(Loan $loan, string $result, string $words, User $by, AssessJob $assessJob): void
    {
        DB::transaction(function () use ($loan, $result, $words, $by, $assessJob): void {
            $loan->update(['back_at' => now(), 'result' => $result, 'words' => $words]);
            $evidence = LoanEvidence::of($assessJob->assess($loan->job), $loan->spare->tag, $this->catalogue);
            $why = trim(Loan::RESULTS[$result].($words === '' ? '' : ": {$words}"));
            if ($result === 'broken') {
                $this->book->prove($loan->spare, 'job', false, $why, $by, $loan->job);
            } elseif ($result === 'doubtful' || $evidence->isDoubted()) {
                $this->book->doubt($loan->spare, $result === 'doubtful' ? $evidence->badIfOdd() : $evidence->bad, $why, $by, $loan->job);
            } elseif ($result === 'worked' && $evidence->worked) {
                $this->book->prove($loan->spare, 'job', true, $why, $by, $loan->job);
            } else {
                $this->book->move($loan->spare, $loan->spare->status, $why, $by, $loan->job);
            }
        });
        $this->arrived->tell($loan->spare->refresh());
    }

    private function find(string $tag, string $path): Spare
    {
        return Spare::query()->where('tag', $tag)->first()
            ?? throw CaseMistake::at($path, "There is no spare {$tag} on the shelf; scan its tag again.");
    }
}
