<?php

declare(strict_types=1);

namespace Orthoscope\Core\Lending;

use DateTimeImmutable;
use SplPriorityQueue;

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
        // What was reached first goes first, so each is settled once, at its earliest.
        $open = new SplPriorityQueue;
        $open->insert(['job', $jobs[$job]], -$since->getTimestamp());
        while (! $open->isEmpty()) {
            /** @var array{string, Contact} $next */
            $next = $open->extract();
            [$what, $here] = $next;
            if (($what === 'job' ? $jobs : $spares)[$here->name] !== $here) {
                continue;
            }
            foreach (($what === 'job' ? $byJob : $bySpare)[$here->name] ?? [] as $meeting) {
                if ($meeting->to !== null && $meeting->to < $here->at) {
                    continue;
                }
                $at = max($here->at, $meeting->from);
                $next = $what === 'job' ? $meeting->spare : $meeting->job;
                $known = $what === 'job' ? $spares[$next] ?? null : $jobs[$next] ?? null;
                if ($known !== null && $known->at <= $at) {
                    continue;
                }
                $contact = new Contact($next, $at, $here->name, $here->steps + 1);
                $what === 'job' ? $spares[$next] = $contact : $jobs[$next] = $contact;
                $open->insert([$what === 'job' ? 'spare' : 'job', $contact], -$at->getTimestamp());
            }
        }
        uasort($spares, fn (Contact $a, Contact $b): int => [$a->at, $a->steps] <=> [$b->at, $b->steps]);

        return new self($spares, $jobs);
    }
}
