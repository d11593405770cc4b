<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Why\PartBelief;
use Orthoscope\Core\Words\EntryWords;

/** Goes through the deeds of an attempt again, with what the adviser would have said before each. */
final readonly class LookingBack
{
    /** Parts whose belief is shown beside a step. */
    private const SHOWN = 5;

    public function __construct(private Attempt $attempt, private Catalogue $catalogue, private Adviser $adviser)
    {
    }

    /** @return list<DebriefStep> */
    public function steps(): array
    {
        $steps = [];
        $believed = WhichParts::by($this->adviser->replay($this->attempt->recordAfter(1)));
        foreach ($this->attempt->done as $i => $done) {
            if ($i === 0 || $done->entries === []) {
                continue;
            }
            // With the time that it had stood by then: a lock may have ended by itself.
            $before = $this->adviser->assess($this->attempt->recordAfter($i), $this->attempt->clock($i)->format(DATE_ATOM));
            $replay = $this->adviser->replay($this->attempt->recordAfter($i + 1));
            $which = WhichParts::by($replay);
            $steps[] = $this->step($i + 1, $done, $before, $which->bitsSince($believed), self::likeliest(PartBelief::by($replay)));
            $believed = $which;
        }

        return $steps;
    }

    /** @param  array<string, float>  $belief */
    private function step(int $deeds, Done $done, Assessment $before, float $bits, array $belief): DebriefStep
    {
        $record = $this->attempt->recordAfter($deeds);
        $entry = $record->entries[count($record->entries) - 1];
        $words = new EntryWords($this->attempt->machine(), $this->catalogue);
        $best = BestThen::of($entry, $before);

        return new DebriefStep(
            deeds: $deeds,
            what: $words->what($entry),
            isTrial: $entry instanceof Start || ($entry instanceof Finding && ! $before->locks->waitForCheck($entry->check)),
            came: $words->outcome($entry),
            minutes: $done->minutes,
            money: $done->money,
            bits: $bits,
            belief: $belief,
            best: $best->name,
            bestBits: $best->bits,
            lost: $best->lost,
            risks: (new RisksOfDeed($this->catalogue, $this->attempt->puzzle->guilty()))->of($entry, $before, $done->harms),
            suspected: $this->suspected($done),
            expected: $this->expected($done, $entry),
        );
    }

    private function suspected(Done $done): ?float
    {
        return $done->guess === null || $done->guess->suspects === []
            ? null
            : Score::ofParts($done->guess->suspects, $this->attempt->puzzle->guilty(), $this->attempt->parts());
    }

    private function expected(Done $done, Entry $entry): ?float
    {
        return $done->guess?->expected === null || ! $entry instanceof Start
            ? null
            : Score::ofOutcome($done->guess->expected, $done->guess->sure, $entry->reached, array_keys($this->catalogue->reaches));
    }

    /** @return array<string, float> */
    private static function likeliest(PartBelief $belief): array
    {
        $of = array_filter($belief->of, fn (float $p, string $part): bool => $part !== 'outside' && $p >= 0.01, ARRAY_FILTER_USE_BOTH);
        arsort($of);

        return array_slice($of, 0, self::SHOWN, true);
    }
}
