<?php

declare(strict_types=1);

namespace Orthoscope\Core\Returns;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\FaultBelief;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Plain\Percent;
use Orthoscope\Core\Words\EntryWords;

/** What a supplier is shown: what was tried with a part, with what beside it, and what happened; made from the record alone. */
final readonly class EvidencePack
{
    public const FORMAT = 'orthoscope-evidence/1';

    /**
     * @param  list<array{entry: int, at: string, what: string, with: string, result: string}>  $trials
     * @param  string  $verdict what follows from them, in one sentence
     */
    private function __construct(public string $part, public array $trials, public string $verdict)
    {
    }

    /** @param  ?string  $tag the spare or ordered part it is about, where it is not the machine's own */
    public static function of(Assessment $assessment, Catalogue $catalogue, string $part, ?string $tag = null): self
    {
        $words = new EntryWords($assessment->machine, $catalogue);
        $trials = [];
        $fitted = null;
        foreach ($assessment->record->inForce as $entry) {
            if ($entry instanceof ActDone && $entry->with !== null && in_array($part, $entry->on, true)) {
                $fitted = $entry->with->tag;
            }
            $with = self::with($entry, $part, $tag, $fitted);
            if ($with !== null) {
                $trials[] = [
                    'entry' => $entry->number,
                    'at' => $entry->at,
                    'what' => $words->what($entry),
                    'with' => $with,
                    'result' => $words->outcome($entry),
                ];
            }
        }
        $now = $assessment->standings[$part];
        // What was replaced stands apart from what was fitted in its place.
        $standing = $tag === null ? $now->replaced ?? $now : $now;
        $chance = $tag === null || $tag === $standing->fitted ? $standing->stated : self::chanceOf($assessment, $tag);

        return new self(
            $standing->part->name,
            $trials,
            sprintf(
                'By these trials it is at fault with %s%s.',
                Percent::words($chance),
                $standing->confirmed && $tag === null ? ', and that is confirmed' : '',
            ),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['format' => self::FORMAT, 'part' => $this->part, 'verdict' => $this->verdict, 'trials' => $this->trials];
    }

    private static function chanceOf(Assessment $assessment, string $tag): float
    {
        $ofSpare = array_filter($assessment->faults, fn (FaultBelief $fault): bool => $fault->spare === $tag);

        return min(1.0, array_sum(array_column($ofSpare, 'probability')));
    }

    /** What stood in the part's place, where the entry speaks of it; null where it does not. */
    private static function with(Entry $entry, string $part, ?string $tag, ?string $fitted): ?string
    {
        if ($entry instanceof Start) {
            $lent = $entry->setUp->lent[$part]->tag ?? null;
            $in = $lent ?? (in_array($part, $entry->setUp->out, true) ? 'out' : $fitted ?? 'own');

            return match (true) {
                $tag !== null && $in === $tag, $tag === null && $in === 'own' => 'with it',
                $in === 'out' => 'without it',
                default => "with {$in} in its place",
            };
        }
        if ($entry instanceof Finding && $entry->target === $part && ($tag === null) === ($fitted === null)) {
            return 'on it';
        }

        return $entry instanceof ActDone && in_array($part, $entry->on, true) ? 'done to it' : null;
    }
}
