<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Planning\Candidate;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\Outcome;
use Orthoscope\Core\Planning\StepAsEntries;
use Orthoscope\Core\SetUp\SetUp;

/** A next step as it stands on the page: its outcomes are buttons, and each button carries the entries it records. */
final readonly class StepCard
{
    /** What is less likely than this is written down by the form instead. */
    private const WORTH_A_BUTTON = 0.03;

    /** @param  list<array{outcome: Outcome, written: string, key: string}>  $buttons */
    private function __construct(public NextStep $step, public array $buttons, public bool $isStart)
    {
    }

    public static function of(NextStep $step): self
    {
        $buttons = [];
        foreach ($step->outcomes as $i => $outcome) {
            if ($i > 1 && $outcome->probability < self::WORTH_A_BUTTON) {
                break;
            }
            $buttons[] = ['outcome' => $outcome, 'written' => self::written($step->candidate, $outcome), 'key' => chr(ord('a') + $i)];
        }

        return new self($step, $buttons, $step->candidate->setUp !== null);
    }

    /** What the start form is filled with when none of the buttons fits. */
    public function setUp(): string
    {
        return json_encode(($this->step->candidate->setUp ?? new SetUp)->toArray() ?: (object) [], JSON_THROW_ON_ERROR);
    }

    /** The act to record before the start, for a step that acts. */
    public function act(): ?string
    {
        $candidate = $this->step->candidate;

        return $candidate->step->act === null
            ? null
            : json_encode(['act' => $candidate->step->act, 'on' => $candidate->on], JSON_THROW_ON_ERROR);
    }

    private static function written(Candidate $candidate, Outcome $outcome): string
    {
        return json_encode(StepAsEntries::of($candidate, $outcome, app(Catalogue::class)), JSON_THROW_ON_ERROR);
    }
}
