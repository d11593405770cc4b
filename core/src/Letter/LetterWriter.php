<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use DateTimeImmutable;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\StillOff;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Closing;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\Plain\Many;
use Orthoscope\Core\Words\ActInPlain;
use Orthoscope\Core\Words\PartsInPlain;

/**
 * Writes the letter to the owner in plain words: short sentences, no slot, rail or socket left unexplained. Each sentence says only what
 * was here and was tried, and carries the entries it rests on.
 */
final readonly class LetterWriter
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @param  ?Plan  $plan what was to be proved; worked out as usual if none is given */
    public function write(Assessment $assessment, ?Plan $plan = null, LetterTerms $terms = new LetterTerms): Letter
    {
        $closing = $assessment->record->closing();
        $plan ??= Plan::of($assessment, $this->catalogue);
        $beginning = new Beginning($assessment->record, $this->catalogue, $assessment->machine);
        $shown = new Shown($assessment, $this->catalogue, $terms->here);
        $sections = [
            new Section('warning', 'Do not switch it on', Warning::sentences($assessment->locks)),
            new Section('personal', 'A word from us', $terms->personal === '' ? [] : [Sentence::of($terms->personal)]),
            new Section('told', 'What you told us', $beginning->told()),
            new Section('seen', 'What we saw', $beginning->seen()),
            new Section('cause', 'What it was, and how sure we are', $this->found($assessment)),
            new Section('ruled-out', 'What we ruled out, and how', $shown->ruledOut()),
            new Section('done', 'What we did', (new Work($assessment, $this->catalogue))->sentences()),
            new Section('now', 'How it is now', (new StandsNow($assessment, $this->catalogue))->sentences()),
            new Section('proof', 'How we tested it', $shown->proof($plan)),
            new Section('not-proved', 'What we could not prove', $shown->notProved($plan)),
            new Section('limits', 'Limits', $this->limits($assessment)),
            new Section('cost', 'Cost', $this->cost($assessment, $closing)),
            new Section('warranty', 'Warranty', $this->warranty($closing)),
            new Section('old-parts', 'Your old parts', $this->oldParts($assessment)),
            new Section('watch', 'What to watch for', $this->watch($assessment)),
        ];

        return new Letter(
            array_values(
                array_filter(
                    $sections,
                    fn (Section $s): bool => $s->sentences !== []
                        && ($terms->level === LetterTerms::FULL || in_array($s->id, LetterTerms::IN_SHORT, true)),
                ),
            ),
        );
    }

    /** @return list<Sentence> what was found, for a message before the letter */
    public function found(Assessment $assessment): array
    {
        return (new Cause($assessment, $this->catalogue))->sentences();
    }

    /** @return list<Sentence> workarounds and what was done only for now: never told as sound */
    private function limits(Assessment $assessment): array
    {
        $entries = [];
        foreach ($assessment->record->all(ActDone::class) as $act) {
            $limit = $this->catalogue->act($act->act)->limit ?? $this->catalogue->economy->wayOf($act->act)?->limit;
            if ($limit !== null && ! $act->begun) {
                $entries[ActInPlain::sentence($act, $assessment->machine, $this->catalogue)." {$limit}"][] = $act->number;
            }
        }
        $sentences = array_map(fn (string $words, array $of): Sentence => Sentence::of($words, ...$of), array_keys($entries), $entries);
        foreach (StillOff::in($assessment->record, $this->catalogue) as $off) {
            if ($off->what === 'temporary') {
                $sentences[] = Sentence::of(
                    "This is only for now: {$off->item}.",
                    ...array_column($assessment->record->all(ActDone::class), 'number'),
                );
            }
        }

        return $sentences;
    }

    /** @return list<Sentence> */
    private function oldParts(Assessment $assessment): array
    {
        $entries = [];
        foreach ($assessment->record->all(ActDone::class) as $act) {
            $parts = PartsInPlain::of(array_map($assessment->machine->part(...), $act->on));
            $words = match ($act->old) {
                'owner' => "You get the old part back: {$parts}.",
                'recycled' => "We send the old part to be recycled: {$parts}.",
                'salvaged' => "You left the old part to us: {$parts}.",
                'claim' => "The old part goes back to who sold it: {$parts}.",
                default => null,
            };
            if ($words !== null) {
                $entries[$words][] = $act->number;
            }
        }

        return array_map(fn (string $words, array $of): Sentence => Sentence::of($words, ...$of), array_keys($entries), $entries);
    }

    /** @return list<Sentence> */
    private function cost(Assessment $assessment, ?Closing $closing): array
    {
        $agreed = $assessment->record->leave();
        $told = $agreed === null || $agreed->amount === 0 || $agreed->answer === 'ahead'
                ? []
                : [
                    Sentence::of(
                        "You agreed to {$this->catalogue->economy->currency->words($agreed->amount)} on "
                            .(new DateTimeImmutable($agreed->at))->format('j F')
                            .'.',
                        $agreed->number,
                    ),
                ];

        return $closing === null ? $told : [$this->price($closing), ...$told];
    }

    private function price(Closing $closing): Sentence
    {
        return Sentence::of(
            $closing->price === 0
                ? 'There is nothing to pay.'
                : "The price, all in: {$this->catalogue->economy->currency->words($closing->price)}.",
            $closing->number,
        );
    }

    /** @return list<Sentence> */
    private function warranty(?Closing $closing): array
    {
        return match (true) {
            $closing === null || $closing->isWithoutRepair() => [],
            $closing->warrantyMonths === 0 => [
                Sentence::of('We give no warranty on this work. The law may give you more.', $closing->number),
            ],
            default => [
                Sentence::of(
                    'If the same trouble comes back within '.Many::of($closing->warrantyMonths, 'month').', bring it in and we put it '
                        .'right. The law may give you more.',
                    $closing->number,
                ),
            ],
        };
    }

    /** @return list<Sentence> */
    private function watch(Assessment $assessment): array
    {
        return [
            ...$assessment->proof->clean > 0 && Warning::sentences($assessment->locks) === []
                ? [Sentence::of('If it does the same thing again, note what the lights and fans did, and ring us.')]
                : [],
            Sentence::of('If it smells burnt, smokes or gets wet: switch it off at the wall, do not open it, and ring us.'),
        ];
    }
}
