<?php

declare(strict_types=1);

namespace Orthoscope\Core\Queue;

use DateTimeImmutable;
use Orthoscope\Core\Bench\JobState;

/** A job as the plan of a day sees it. */
final readonly class Waiting
{
    /**
     * @param  int  $next      minutes of its next step
     * @param  float  $saves     minutes its next step is expected to save
     * @param  ?string  $spare     the spare its next step lends
     * @param  ?DateTimeImmutable  $word      when its owner was promised to hear
     * @param  ?DateTimeImmutable  $notBefore it cannot be worked on earlier: a part on its way, something drying
     * @param  ?string  $came      tag of the spare it waited for, which has come
     * @param  ?int  $bench     the bench it stands on; null = on none
     */
    public function __construct(
        public string $job,
        public JobState $state,
        public int $next,
        public float $saves,
        public ?string $spare = null,
        public ?DateTimeImmutable $word = null,
        public ?DateTimeImmutable $notBefore = null,
        public ?int $bench = null,
        public ?string $came = null,
    ) {
    }
}
