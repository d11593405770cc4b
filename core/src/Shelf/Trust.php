<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

use DateTimeImmutable;
use Orthoscope\Core\Catalogue\Shelf\ShelfData;

/**
 * The probability that a spare is good, from what happened to it: where it came from, what it was proved by, how long ago, what it
 * met since, and which jobs doubt it. Between events it only falls; only a proof lets it rise.
 */
final readonly class Trust
{
    private const YEAR = 31557600.0;

    /**
     * @param  float  $share probability that it is good at `at`, 0 to 1
     */
    private function __construct(public float $share, public DateTimeImmutable $at, private string $kind, private ShelfData $data)
    {
    }

    /**
     * @param  list<SpareEvent>  $events in the order they happened, the first of them how it was added
     * @param  float  $deadOnArrival the shop's rate of new parts dead on arrival, 0 to 1
     */
    public static function of(string $kind, array $events, ShelfData $data, float $deadOnArrival): self
    {
        $first = $events[0];
        $trust = new self($data->goodFrom($first->what, $deadOnArrival), $first->at, $kind, $data);
        $quarantine = Quarantine::of([]);
        foreach (array_slice($events, 1) as $event) {
            if ($event->kind !== SpareEvent::PASSED || $quarantine->takes($event)) {
                $trust = $trust->after($event);
            }
            $quarantine = $quarantine->after($event);
        }

        return $trust;
    }

    /** Taken up again from a share that was worked out before: what fell since falls from there, so nothing is lost. */
    public static function resumed(float $share, DateTimeImmutable $at, string $kind, ShelfData $data): self
    {
        return new self(max(0.0, min(1.0, $share)), $at, $kind, $data);
    }

    /** At a later moment, with nothing known to have happened meanwhile. */
    public function at(DateTimeImmutable $now): float
    {
        $years = max(0.0, ($now->getTimestamp() - $this->at->getTimestamp()) / self::YEAR);

        return $this->share * (1.0 - $this->data->loss($this->kind)) ** $years;
    }

    public function after(SpareEvent $event): self
    {
        $before = $this->at($event->at);
        $share = match ($event->kind) {
            SpareEvent::PASSED => self::passed($before, $this->data->catches($event->what)),
            SpareEvent::FAILED => min($before, $this->data->afterFailing),
            SpareEvent::EXPOSED => $before * (1.0 - $event->share),
            // What a job believes of it already started from what it was trusted then; it is never trusted more for a doubt.
            SpareEvent::DOUBTED => min($before, 1.0 - $event->share),
            default => $before,
        };

        return new self($share, max($event->at, $this->at), $this->kind, $this->data);
    }

    /**
     * How far a spare that now turned out bad was good at an earlier moment: what it lost since may have been lost before or after.
     *
     * @param  float  $then   trust at that moment, 0 to 1
     * @param  float  $before trust just before it turned out bad, 0 to 1
     */
    public static function lookingBack(float $then, float $before): float
    {
        return $before >= 1.0 || $before >= $then ? 0.0 : 1.0 - (1.0 - $then) / (1.0 - $before);
    }

    /** Bayes: a good part always passes, a bad one only where the proof does not catch it. */
    private static function passed(float $before, float $catches): float
    {
        $slips = (1.0 - $before) * (1.0 - $catches);

        return $before + $slips <= 0.0 ? 0.0 : $before / ($before + $slips);
    }
}
