<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Job;
use App\UseCases\Shop\CoreVersion;
use App\UseCases\Shop\ShopBelief;
use Illuminate\Contracts\Cache\Repository as Cache;
use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Why\BeliefCourse;
use Orthoscope\Core\Why\LeftOut;
use Orthoscope\Core\Why\OtherStep;

/** Why a job's advice is what it is: how belief moved, what each entry weighs, what another step costs, and what if. */
final readonly class ReasonOut
{
    public function __construct(
        private AssessJob $assessJob,
        private ShopBelief $belief,
        private Cache $kept,
        private CoreVersion $version,
    ) {
    }

    public function course(Job $job): BeliefCourse
    {
        return $this->once('course', $job, fn (): BeliefCourse => BeliefCourse::of($this->adviser($job), $this->assessJob->record($job)));
    }

    public function leftOut(Job $job): LeftOut
    {
        return $this->once(
            'left-out',
            $job,
            fn (): LeftOut => LeftOut::of(fn (): Adviser => $this->adviser($job), $this->assessJob->record($job)),
        );
    }

    /** What would follow from another record of the same machine; nothing of it is kept. */
    public function under(Job $job, Record $record): Assessment
    {
        return $this->adviser($job)->assess($record, now()->toIso8601String());
    }

    /** The advice as it stood after an entry, and as the shop believes today. */
    public function asItStood(Job $job, int $entry): Assessment
    {
        $at = $job->entries()->where('number', $entry)->firstOrFail()->made_at;

        return $this->adviser($job)->assess($this->assessJob->record($job)->upTo($entry), $at->toIso8601String());
    }

    /** What it costs to take another step first; null where it comes first already, or is none. */
    public function otherwise(Job $job, string $step): ?OtherStep
    {
        return OtherStep::of(
            $this->assessJob->assess($job),
            $step,
            fn (Catalogue $catalogue): Assessment => (new Adviser(
                $catalogue,
                $this->assessJob->machine($job),
                $this->assessJob->shelf($job),
            ))->assess($this->assessJob->record($job), now()->toIso8601String()),
            $this->belief->catalogueFor($job),
        );
    }

    private function adviser(Job $job): Adviser
    {
        return new Adviser($this->belief->catalogueFor($job), $this->assessJob->machine($job), $this->assessJob->shelf($job));
    }

    /**
     * @template T of object
     *
     * @param  callable(): T  $work
     *
     * @return T worked out once while nothing changes that it follows from
     */
    private function once(string $what, Job $job, callable $work): object
    {
        $slot = "why.{$what}.{$this->version->word()}.{$job->id}";
        $follows = $this->assessJob->fingerprint($job);
        /** @var ?array{string, T} $kept */
        $kept = $this->kept->get($slot);
        if (is_array($kept) && $kept[0] === $follows) {
            return $kept[1];
        }
        $worked = $work();
        rescue(fn () => $this->kept->put($slot, [$follows, $worked], now()->addWeek()), report: false);

        return $worked;
    }
}
