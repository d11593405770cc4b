<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\Job;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\AwaitedByJob;
use App\View\FirstJob;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Carbon;
use Illuminate\View\Component;
use Illuminate\View\View;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\HandBack\Progress;
use Orthoscope\Core\HandBack\Station;
use Orthoscope\Core\HandBack\WayOfJob;
use Orthoscope\Core\HandBack\Waypoint;
use Orthoscope\Core\Planning\Spent;
use Orthoscope\Core\Queue\Forecast;

/** The head that all pages of a job share: what it is, in its owner's words, and the rail of its stations, the present one open. */
final class JobFrame extends Component
{
    public readonly Assessment $assessment;

    /** @var list<Waypoint> */
    public readonly array $way;

    /**
     * @param  ?string  $at the station whose page this is; null for a page beside the way
     * @param  ?Assessment  $assessed where its page has worked it out already
     * @param  bool  $main its model is the heading of the page: the page has none of its own
     */
    public function __construct(
        public readonly Job $job,
        private readonly AssessJob $assessJob,
        private readonly Catalogue $catalogue,
        private readonly Gate $gate,
        public readonly ?string $at = null,
        public readonly bool $main = false,
        ?Assessment $assessed = null,
    ) {
        $this->assessment = $assessed ?? $this->assessJob->assess($job);
        $plan = Plan::of($this->assessment, $catalogue, $job->proving());
        $this->way = WayOfJob::of($this->assessment, $plan, AwaitedByJob::on($job)->awaited, $catalogue);
    }

    public function render(): View
    {
        return view('components.job-frame');
    }

    /** What a guided first job says here; null on any other. */
    public function guide(): ?FirstJob
    {
        if (! $this->job->guided) {
            return null;
        }
        $plan = Plan::of($this->assessment, $this->catalogue, $this->job->proving());

        $progress = Progress::of($this->assessment, $plan, AwaitedByJob::on($this->job)->awaited);

        return FirstJob::at($this->assessment, $progress, $this->catalogue);
    }

    /** The kind of part that came alone, in words. */
    public function alone(): ?string
    {
        $alone = $this->assessment->machine->alone;

        return $alone === null ? null : lcfirst($this->catalogue->part($alone)->name);
    }

    /** @return list<array{string, string}> pages beside the way, as this person may open them: name and address */
    public function beside(): array
    {
        $pages = [
            ['Where it stands', 'jobs.stand', $this->job->hasArrived()],
            ['Photographs', 'photos.index', true],
            ['Letter', 'jobs.letter', true],
            ['Tag and label', 'jobs.tag', true],
            ['Receipt', 'jobs.receipt', true],
        ];
        if ($this->isAtBench()) {
            $pages = [
                ...$pages,
                ['What it is made of', 'jobs.machine', true],
                ['Papers', 'papers.index', true],
                ['Map of the socket', 'jobs.socket', true],
                ['Is the card what it says?', 'jobs.card', $this->assessment->machine->has('card')],
                ['Is the supply large enough?', 'jobs.supply', true],
                ['Spares that were in it', 'contacts.show', true],
                ['Beside its first job', 'comebacks.show', $this->job->comeback_of !== null],
                ['What it costs us', 'own.show', $this->job->own !== null],
                ['Case file', 'jobs.case', true],
            ];
        }

        $open = [];
        foreach ($pages as [$name, $route, $is]) {
            if ($is) {
                $open[] = [$name, route($route, $this->job)];
            }
        }

        return $open;
    }

    /** What the station says: what the record has of it, or what is due. */
    public function words(Waypoint $point): string
    {
        return match (true) {
            $point->station === Station::TakenIn => self::day($this->job->created_at, 'today, '),
            $point->words !== '' => $point->words,
            $point->station === Station::Find && $point->isHere => $this->minutes(),
            $point->station === Station::HandBack && $this->job->next_word_at !== null => self::nextWord($this->job->next_word_at),
            default => '–',
        };
    }

    public function isLate(Waypoint $point): bool
    {
        return $point->station === Station::HandBack && $point->words === '' && $this->job->next_word_at?->isPast() === true;
    }

    /** Where the station is worked on; null where this person may not, or nothing is there yet. */
    public function address(Waypoint $point): ?string
    {
        $bench = $this->isAtBench();

        return match ($point->station) {
            Station::TakenIn => route('jobs.tag', $this->job),
            Station::FirstStart, Station::Find => $bench ? route('jobs.show', $this->job) : route('jobs.stand', $this->job),
            Station::Decide, Station::Repair => $bench ? route('jobs.decide', $this->job) : null,
            Station::Prove => $bench ? route('jobs.prove', $this->job) : null,
            Station::HandBack => match (true) {
                $this->assessment->record->closing() !== null => route('collect.create', $this->job),
                $bench => route('closing.create', $this->job),
                default => route('jobs.letter', $this->job),
            },
        };
    }

    private function minutes(): string
    {
        [$least, $most] = Forecast::minutes(
            $this->assessment->record->lastStart() === null ? JobState::FirstStart : $this->assessment->advice->state,
        );

        return Spent::minutes($this->assessment->record, $this->catalogue)." min, {$least}–{$most} to go";
    }

    private static function nextWord(Carbon $at): string
    {
        return ($at->isPast() ? 'word late, ' : 'word by ').self::day($at);
    }

    private static function day(Carbon $at, string $today = ''): string
    {
        return $at->isToday() ? $today.$at->format('H:i') : $at->format('D j M');
    }

    private function isAtBench(): bool
    {
        return $this->gate->allows('work-at-bench') && $this->job->hasArrived();
    }
}
