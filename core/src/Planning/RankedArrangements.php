<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\SetUp;

/** Parts that may each be at fault, and the ways to put them together that tell most of which it is. */
final readonly class RankedArrangements
{
    /** Belief that one of them is at fault under which it is no question, and under which one of them is left out. Origin: judgement. */
    private const QUESTION_FROM = 0.1;

    private const NAMED_FROM = 0.02;

    /** Share of belief, and states, that are looked at. Origin: judgement. */
    private const MASS = 0.98;

    private const STATES = 150;

    private const BEST = 3;

    /** Bits under which even the best way to put them together tells nothing. Origin: judgement. */
    private const TELLS_FROM = 0.02;

    /**
     * @param  array<string, float>  $possible name of what may be at fault => probability, likeliest first
     * @param  list<Arrangement>  $best     that tell most first
     */
    private function __construct(public array $possible, public array $best)
    {
    }

    /**
     * Null where none of them is in question. A way that was tried is not offered again; of two that tell the same, the one that
     * changes less.
     *
     * @param  array<int, string>  $culprits mode => name of what is then at fault
     * @param  int  $stage   the stage a start must get past
     * @param  list<SetUp>  $ways
     */
    public static function of(array $culprits, int $stage, array $ways, Replay $replay, Record $record): ?self
    {
        if ($culprits === [] || $replay->belief->hasAny($culprits) < self::QUESTION_FROM) {
            return null;
        }
        $belief = $replay->belief->mostOf(self::MASS, self::STATES);
        $possible = array_filter($belief->byGroup($culprits)[1], fn (float $p): bool => $p >= self::NAMED_FROM);
        arsort($possible);
        $done = array_map(fn (Start $start): string => $start->setUp->key(), $record->all(Start::class));
        $ranked = [];
        foreach ($ways as $setUp) {
            if (! in_array($setUp->key(), $done, true)) {
                $ranked[] = Arrangement::weighed($setUp, $belief, $culprits, $stage, $replay);
            }
        }
        $changes = fn (Arrangement $one): int => count($one->setUp->moved) + count($one->setUp->lent);
        usort(
            $ranked,
            fn (Arrangement $a, Arrangement $b): int => [-round($a->bits, 2), $changes($a)] <=> [-round($b->bits, 2), $changes($b)],
        );

        if ($ranked === [] || $ranked[0]->bits < self::TELLS_FROM) {
            return null;
        }

        return new self($possible, array_slice($ranked, 0, self::BEST));
    }
}
