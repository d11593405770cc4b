<?php

declare(strict_types=1);

namespace Orthoscope\Core\Spares;

use DateTimeImmutable;

/**
 * Who met whom since a machine could have done harm: spares that were in it from then on, machines those were in later, spares that were
 * in those after that. Time only goes forward: what left before the harm reached a place did not meet it.
 */
final readonly class ContactTrace
{
    /**
     * @param  array<string, Contact>  $spares by tag, in the order they were reached
     * @param  array<string, Contact>  $jobs   machines by tag, the first of them where it began
     */
    private function __construct(public array $spares, public array $jobs)
    {
    }

    /** @param  list<Meeting>  $meetings */
    public static function from(string $job, DateTimeImmutable $since, array $meetings): self
    {
        $byJob = $bySpare = [];
        foreach ($meetings as $meeting) {
            $byJob[$meeting->job][] = $meeting;
            $bySpare[$meeting->spare][] = $meeting;
        }
        $spares = [];
        $jobs = [$job => new Contact($job, $since, null, 0)];
        $open = [['job', $job]];
        while ($open !== []) {
            // The one that was reached first goes first, so that each is reached at its earliest.
            usort($open, fn (array $a, array $b): int => ($a[0] === 'job' ? $jobs[$a[1]] : $spares[$a[1]])->at <=> ($b[0] === 'job' ? $jobs[$b[1]] : $spares[$b[1]])->at);
            [$what, $name] = array_shift($open);
            $here = $what === 'job' ? $jobs[$name] : $spares[$name];
            foreach ($what === 'job' ? $byJob[$name] ?? [] : $bySpare[$name] ?? [] as $meeting) {
                if ($meeting->to !== null && $meeting->to < $here->at) {
                    continue;
                }
                $at = max($here->at, $meeting->from);
                $next = $what === 'job' ? $meeting->spare : $meeting->job;
                $known = $what === 'job' ? $spares[$next] ?? null : $jobs[$next] ?? null;
                if ($known !== null && $known->at <= $at) {
                    continue;
                }
                $contact = new Contact($next, $at, $name, $here->steps + 1);
                $what === 'job' ? $spares[$next] = $contact : $jobs[$next] = $contact;
                $open[] = [$what === 'job' ? 'spare' : 'job', $next];
            }
        }

        return new self($spares, $jobs);
    }
}
