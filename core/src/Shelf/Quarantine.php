<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

/**
 * Whether a spare may be lent, by its story: what met a machine that may have ruined it, or failed a proof, is kept apart. That ends only
 * by a proof made since, on an instrument or in a machine that did not expose it. That it "worked" in the very machine says nothing.
 */
final readonly class Quarantine
{
    /** A proof made by the way, in the trials of a job. */
    public const IN_A_JOB = 'job';

    /**
     * @param  array<string, true>  $machines that may have harmed it, or in which it failed, since it was last proved; "" stands for
     *    one nobody named
     */
    private function __construct(private bool $on, private array $machines)
    {
    }

    /** @param  list<SpareEvent>  $events in the order they happened */
    public static function of(array $events): self
    {
        $quarantine = new self(false, []);
        foreach ($events as $event) {
            $quarantine = $quarantine->after($event);
        }

        return $quarantine;
    }

    public function isOn(): bool
    {
        return $this->on;
    }

    /** Whether a proof that passes says anything of it: one in a machine that may have harmed it does not. */
    public function takes(SpareEvent $proof): bool
    {
        return ! $this->on || $proof->what !== self::IN_A_JOB || (
            $proof->machine !== '' && ! isset($this->machines[$proof->machine]) && ! isset($this->machines[''])
        );
    }

    public function after(SpareEvent $event): self
    {
        return match ($event->kind) {
            SpareEvent::EXPOSED => $event->share > 0.0 ? new self(true, [$event->machine => true] + $this->machines) : $this,
            SpareEvent::FAILED => new self(true, [$event->machine => true] + $this->machines),
            SpareEvent::PASSED => $this->takes($event) ? new self(false, []) : $this,
            default => $this,
        };
    }
}
