<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Simulation\PlannerPolicy;
use Orthoscope\Core\Simulation\Play;
use Orthoscope\Core\Simulation\Policy;
use Orthoscope\Core\Simulation\Result;
use Orthoscope\Core\Simulation\SchoolPolicy;
use Orthoscope\Core\Simulation\ScriptPolicy;

/** What others make of a practice machine: the adviser, the best of the fixed orders, and one who knows what is wrong. */
final readonly class Rivals
{
    /** @param  list<Rival>  $others the adviser first, then the best fixed order */
    private function __construct(public array $others, public int $clairvoyant)
    {
    }

    public static function on(Puzzle $puzzle, Catalogue $catalogue): self
    {
        $adviser = self::play($puzzle, $catalogue, new PlannerPolicy);
        $fixed = ['a technician without a computer' => new ScriptPolicy($catalogue)];
        foreach ($catalogue->schools as $school) {
            $fixed[$school->name] = new SchoolPolicy($school);
        }
        $played = array_map(fn (Policy $policy): Result => self::play($puzzle, $catalogue, $policy), $fixed);
        uasort($played, fn (Result $a, Result $b): int => [$b->isRight(), $a->minutes] <=> [$a->isRight(), $b->minutes]);
        $best = (string) array_key_first($played);

        return new self(
            [
                self::rival('the adviser', $adviser, $puzzle, $catalogue),
                self::rival("best fixed order: {$best}", $played[$best], $puzzle, $catalogue),
            ],
            (int) round($adviser->bound),
        );
    }

    private static function play(Puzzle $puzzle, Catalogue $catalogue, Policy $policy): Result
    {
        return Play::of($catalogue, $puzzle->hidden($catalogue), $policy, Draw::from("{$puzzle->seed} lending"));
    }

    private static function rival(string $name, Result $result, Puzzle $puzzle, Catalogue $catalogue): Rival
    {
        $machine = $puzzle->machine($catalogue);

        return new Rival(
            $name,
            $result->isRight(),
            (int) round($result->minutes),
            array_map(fn (string $part): string => lcfirst($machine->part($part)->name), $result->wrongParts),
        );
    }
}
