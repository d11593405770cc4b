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
        $meetingsOf = ['job' => [], 'spare' => []];
        foreach ($meetings as $meeting) {
            $meetingsOf['job'][$meeting->job][] = $meeting;
            $meetingsOf['spare'][$meeting->spare][] = $meeting;
        }
        $met = ['job' => [$job => new Contact($job, $since, null, 0)], 'spare' => []];
        // What was reached first goes first, so each is settled once, at its earliest.
        $open = new SplPriorityQueue;
        $open->insert(['job', $met['job'][$job]], -$since->getTimestamp());
        while (! $open->isEmpty()) {
            /** @var array{'job'|'spare', Contact} $next */
            $next = $open->extract();
            [$what, $here] = $next;
            $other = $what === 'job' ? 'spare' : 'job';
            foreach ($met[$what][$here->name] === $here ? $meetingsOf[$what][$here->name] ?? [] : [] as $meeting) {
                $contact = self::reached($here, $meeting, $other === 'spare' ? $meeting->spare : $meeting->job);
                $known = $contact === null ? null : $met[$other][$contact->name] ?? null;
                if ($contact !== null && ($known === null || $contact->at < $known->at)) {
                    $met[$other][$contact->name] = $contact;
                    $open->insert([$other, $contact], -$contact->at->getTimestamp());
                }
            }
        }
        uasort($met['spare'], static fn (Contact $a, Contact $b): int => [$a->at, $a->steps] <=> [$b->at, $b->steps]);

        return new self($met['spare'], $met['job']);
    }

    /** The other side of a meeting; null where it was over before harm had come here. */
    private static function reached(Contact $here, Meeting $meeting, string $other): ?Contact
    {
        return $meeting->to !== null && $meeting->to < $here->at
            ? null
            : new Contact($other, max($here->at, $meeting->from), $here->name, $here->steps + 1);
    }
}
