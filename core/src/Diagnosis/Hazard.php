<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\SetUp\Temperature;

/** The share of starts a fault stops, by the conditions it depends on. */
final readonly class Hazard
{
    /** @param  array<string, float>  $by condition => share from 0 to 1; "hazard" where it depends on nothing */
    public function __construct(private array $by)
    {
    }

    /** @param  list<string>  $conditions what holds for a start, the most telling first */
    public function under(array $conditions): float
    {
        if (isset($this->by['hazard'])) {
            return $this->by['hazard'];
        }
        foreach ($conditions as $condition) {
            if (isset($this->by[$condition])) {
                return $this->by[$condition];
            }
        }

        return 0.0;
    }

    /** Whether it says what is so under a condition. */
    public function speaksOf(string $condition): bool
    {
        return isset($this->by[$condition]);
    }

    /**
     * The conditions of a start, in the words of the catalogue's `shows`.
     *
     * @param  int  $sticks how many of the machine's own sticks are in
     * @param  bool  $card whether a graphics card is in
     *
     * @return list<string>
     */
    public static function conditions(SetUp $setUp, int $sticks, bool $card): array
    {
        return [
            ...$setUp->basicDriver ? ['basic'] : [],
            ...$setUp->otherDriver === null ? [] : ['other-driver'],
            ...$setUp->lowClocks ? ['slow'] : [],
            // What is gone on the bench is gone there however warm it gets.
            ...$setUp->place === Place::Bench ? ['bench'] : [],
            ...self::heat($setUp),
            ...$setUp->place === Place::Bench ? [] : ['case'],
            $setUp->place === Place::Owner ? 'owner' : 'shop',
            $setUp->startBy === StartBy::Pins ? 'pins' : 'button',
            $setUp->otherOutput ? 'other' : 'this',
            $sticks > 1 ? 'together' : 'alone',
            $card ? 'card' : 'no-card',
        ];
    }

    /** @return list<string> how hard and how warm it runs, the most telling first; "any" holds for every start */
    private static function heat(SetUp $setUp): array
    {
        return match (true) {
            $setUp->goal === Goal::Hours => ['hours', 'load', 'warm', 'any'],
            $setUp->goal === Goal::Load => ['load', 'warm', 'any'],
            $setUp->temperature === Temperature::Cold => ['cold', 'any'],
            $setUp->temperature === Temperature::Warm => ['warm', 'any'],
            default => ['any'],
        };
    }
}
