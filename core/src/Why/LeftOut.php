<?php

declare(strict_types=1);

namespace Orthoscope\Core\Why;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Answer;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\OthersTrial;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Evidence\Start;

/**
 * What would be believed had one entry never been written down, for each in turn. The whole record is gone through again without it, so
 * that what it did to the machine is left out with what it showed.
 */
final readonly class LeftOut
{
    /** Entries that say something of a machine; what was agreed, closed or collected says nothing. */
    private const EVIDENCE = [Report::class, Answer::class, OthersTrial::class, Start::class, Finding::class, ActDone::class];

    /** A weight under this says nothing worth a line. */
    private const LEAST = 1.1;

    /**
     * @param  PartBelief  $before before anything was written down
     * @param  PartBelief  $with   with the whole record
     * @param  array<int, PartBelief>  $without entry => with all but this one
     */
    private function __construct(public PartBelief $before, public PartBelief $with, public array $without)
    {
    }

    /** @param  callable(): Adviser  $adviser a new one each time */
    public static function of(callable $adviser, Record $record): self
    {
        $without = [];
        foreach ($record->inForce as $entry) {
            if (self::says($entry)) {
                $without[$entry->number] = PartBelief::by($adviser()->replay($record->without($entry->number)));
            }
        }

        return new self(
            PartBelief::by($adviser()->replay($record->upTo(0))),
            PartBelief::by($adviser()->replay($record)),
            $without,
        );
    }

    private static function says(Entry $entry): bool
    {
        return in_array($entry::class, self::EVIDENCE, true);
    }

    /** @return list<Weight> entries that speak of a part, the weightiest first */
    public function weights(string $part): array
    {
        $weights = [];
        foreach (array_keys($this->without) as $entry) {
            $weight = new Weight($entry, $this->ratio($part, $entry));
            if (abs(log($weight->ratio)) >= log(self::LEAST)) {
                $weights[] = $weight;
            }
        }
        usort($weights, fn (Weight $a, Weight $b): int => abs(log($b->ratio)) <=> abs(log($a->ratio)));

        return $weights;
    }

    /** Odds of a part with an entry over those without it. */
    public function ratio(string $part, int $entry): float
    {
        return Odds::of($this->with->of[$part] ?? 0.0) / Odds::of($this->without[$entry]->of[$part] ?? 0.0);
    }

    /** What the whole record made of the odds of a part: how many times likelier it is than before anything was written down. */
    public function altogether(string $part): float
    {
        return Odds::of($this->with->of[$part] ?? 0.0) / Odds::of($this->before->of[$part] ?? 0.0);
    }

    /**
     * What the weights multiply to, over what the whole record says: 1 where each entry speaks for itself. Entries that say the same
     * hide behind each other (below 1 for a suspect: leaving out one changes little), and faults that explain the same share belief.
     */
    public function overlap(string $part): float
    {
        $product = 1.0;
        foreach (array_keys($this->without) as $entry) {
            $product *= $this->ratio($part, $entry);
        }

        return $product / $this->altogether($part);
    }

    /**
     * Which single entry, were it mistaken, would change most of what is believed.
     *
     * @return array<int, float> entry => belief it moves between the parts, 0 to 1, most first
     */
    public function tellingMost(): array
    {
        $moved = array_map(fn (PartBelief $without): float => $without->awayFrom($this->with), $this->without);
        arsort($moved);

        return $moved;
    }
}
