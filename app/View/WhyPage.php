<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Plain\Percent;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\Outcome;
use Orthoscope\Core\Why\BeliefCourse;
use Orthoscope\Core\Why\LeftOut;
use Orthoscope\Core\Why\Movers;
use Orthoscope\Core\Why\Weight;
use Orthoscope\Core\Words\EntryWords;

/** Why one part stands where it stands. */
final readonly class WhyPage
{
    /** Ways of settling it that are shown. */
    private const WAYS = 4;

    /** Overlap beyond which the weights are said not to multiply to the whole: 1.5 times either way. */
    private const OVERLAPS = 1.5;

    public PartStanding $standing;

    public BeliefCurve $curve;

    private EntryWords $words;

    public function __construct(
        public Assessment $assessment,
        public Part $part,
        BeliefCourse $course,
        private LeftOut $left,
        private Catalogue $catalogue,
    ) {
        $this->standing = $assessment->standings[$part->id];
        $this->curve = BeliefCurve::of($course, $part->id);
        $this->words = new EntryWords($assessment->machine, $catalogue);
    }

    /** @return list<array{weight: Weight, what: string, saw: string}> what speaks for it, or against it, the weightiest first */
    public function speaking(bool $for): array
    {
        $speaking = [];
        foreach ($this->left->weights($this->part->id) as $weight) {
            $entry = $this->entry($weight->entry);
            if ($weight->speaksFor() === $for && $entry !== null) {
                $speaking[] = ['weight' => $weight, 'what' => $this->words->what($entry), 'saw' => $this->words->outcome($entry)];
            }
        }

        return $speaking;
    }

    /** What the record makes of it altogether, and whether its entries multiply to that. */
    public function altogether(): string
    {
        $all = Weight::times($this->left->altogether($this->part->id));
        $overlap = $this->left->overlap($this->part->id);
        if ($overlap < self::OVERLAPS && $overlap > 1 / self::OVERLAPS) {
            return "Altogether {$all} than before anything was written down.";
        }

        return "Altogether {$all} than before anything was written down. The entries do not multiply to that: those that say the same "
            .'hide behind each other (without one, the other still says it), and what other parts can explain is shared with them.';
    }

    /** Why it is said less surely than the record alone makes it; null where it is said so. */
    public function saidLessSurely(): ?string
    {
        [$believed, $said] = [Percent::whole($this->standing->probability), Percent::whole($this->standing->stated)];

        return $said >= $believed
            ? null
            : "The record alone makes it {$believed} %. It is said as {$said} %: nothing was seen or measured, and it is not "
                .'shown that the trouble comes back with it.';
    }

    /** @return array{condemned: string, cleared: string} what it takes, by the numbers of the catalogue */
    public function takes(): array
    {
        $now = Percent::whole($this->standing->probability);
        $percent = fn (string $number): string => rtrim(rtrim(number_format(100 * $this->catalogue->number($number), 1), '0'), '.').' %';

        return [
            'condemned' => "At least {$percent('condemned_from')} (now {$now} %), and either put back and the trouble came back, or the "
                .'fault itself seen or measured.',
            'cleared' => "At most {$percent('proved_below')} that it is at fault now ({$percent('proved_below_once_sound')} once the whole "
                .'machine is sound), and a start that got past it, or a look or a reading '
                .'that found it good. Being unlikely alone clears nothing, and while the machine comes and goes no start that goes well '
                .'does.',
        ];
    }

    /** @return list<array{step: NextStep, moves: list<array{words: string, chance: int, then: int}>}> steps that would move it most */
    public function settles(): array
    {
        $settles = [];
        foreach (array_slice(Movers::of($this->assessment, $this->part->id), 0, self::WAYS) as $step) {
            $settles[] = ['step' => $step, 'moves' => self::moves($step, $this->part->id)];
        }

        return $settles;
    }

    /** @return list<array{words: string, chance: int, then: int}> what a step may show, and how likely the part then is */
    private static function moves(NextStep $step, string $part): array
    {
        $moves = array_map(fn (Outcome $outcome): array => [
            'words' => $outcome->words,
            'chance' => Percent::whole($outcome->probability),
            'then' => Percent::whole($outcome->parts[$part] ?? 0.0),
        ], $step->outcomes);

        // What hardly ever shows settles nothing.
        return array_values(array_filter($moves, fn (array $move): bool => $move['chance'] > 0));
    }

    /** What may fail under one condition alone has no page of its own. */
    public function isInTheBook(string $fault): bool
    {
        return isset($this->catalogue->faults[$fault]);
    }

    private function entry(int $number): ?Entry
    {
        foreach ($this->assessment->record->inForce as $entry) {
            if ($entry->number === $number) {
                return $entry;
            }
        }

        return null;
    }

    /** @return list<PartStanding> to go on to */
    public function suspects(): array
    {
        return array_slice(array_filter(
            $this->assessment->suspects(),
            fn (PartStanding $suspect): bool => $suspect->fitted === null,
        ), 0, 8);
    }
}
