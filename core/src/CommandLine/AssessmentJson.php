<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Because;
use Orthoscope\Core\Diagnosis\FaultBelief;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Planning\ActiveLock;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\Outcome;
use Orthoscope\Core\Planning\Repair;

/** An assessment as plain data, for other programs. The keys are stable. */
final class AssessmentJson
{
    /** The words that other programs know. */
    private const SAYS = ['find' => 'go-on', 'repair' => 'decide'];

    /** @return array<string, mixed> */
    public static function of(Assessment $assessment, Catalogue $catalogue): array
    {
        $advice = $assessment->advice;

        return [
            'stops_before' => $assessment->stop === null ? null : $catalogue->stopId($assessment->stop->likeliest()),
            'sound' => round($assessment->sound, 4),
            'parts' => array_map(self::part(...), array_values($assessment->standings)),
            'faults' => array_map(self::fault(...), $assessment->faults),
            'sets' => array_map(fn (array $set): array => ['faults' => $set[0], 'probability' => round($set[1], 4)], $assessment->sets),
            'repairs' => array_map(static fn (array $one): array => self::repair(...$one), array_slice($advice->repairs, 0, 12)),
            'carriers' => array_map(
                fn (string $part, float $p): array => ['part' => $part, 'probability' => round($p, 4)],
                array_keys($assessment->carriers),
                $assessment->carriers,
            ),
            'surprise' => [
                'level' => $assessment->surprise->level,
                'entry' => $assessment->surprise->entry,
                'changed_before' => $assessment->surprise->changed,
                'why' => $assessment->surprise->why,
            ],
            'retrace' => $assessment->retrace,
            'next' => array_map(self::step(...), $advice->steps),
            'stop' => [
                'say' => self::SAYS[$advice->state->value] ?? $advice->state->value,
                'why' => $advice->why,
                'repair' => $advice->repair?->id(),
                'probability' => round($advice->repairProbability, 4),
                'stated' => round($advice->repairStated, 4),
                'expected_minutes' => round($advice->remaining, 1),
            ],
            'proved' => [
                'outside' => $assessment->proof->outside,
                'inside' => $assessment->proof->inside,
                'owed' => $assessment->proof->owed,
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function fault(FaultBelief $fault): array
    {
        return [
            'fault' => $fault->fault->id,
            'part' => $fault->part->id,
            'spare' => $fault->spare,
            'probability' => round($fault->probability, 4),
            'now' => round($fault->now, 4),
        ];
    }

    /** @return array<string, mixed> */
    private static function repair(Repair $repair, float $p): array
    {
        return [
            'repair' => $repair->id(),
            'name' => $repair->name(),
            'probability' => round($p, 4),
            'minutes_with_money' => round($repair->cost, 1),
        ];
    }

    /** @return array<string, mixed> */
    private static function part(PartStanding $standing): array
    {
        return [
            'part' => $standing->part->id,
            'name' => $standing->part->name,
            'standing' => $standing->standing->value,
            'probability' => round($standing->probability, 4),
            'stated' => round($standing->stated, 4),
            'now' => round($standing->now, 4),
            'state' => $standing->state,
            'because' => array_map(fn (Because $b): array => ['entry' => $b->entry, 'ground' => $b->ground->value], $standing->because),
        ];
    }

    /** @return array<string, mixed> */
    private static function step(NextStep $step): array
    {
        return [
            'id' => $step->candidate->id(),
            'action' => $step->candidate->step->id,
            'name' => $step->candidate->name(),
            'target' => $step->candidate->target?->id,
            'spare' => $step->candidate->spare?->tag,
            'minutes' => $step->minutes,
            'money_at_risk' => $step->moneyAtRisk,
            'why' => $step->why,
            'tells_bits' => round($step->bits, 3),
            'saves' => round($step->saves, 1),
            'expected_minutes_after' => round($step->after, 1),
            'needs' => $step->candidate->lacksSpare ? [...$step->candidate->step->needs, 'spare'] : $step->candidate->step->needs,
            'outcomes' => array_map(
                fn (Outcome $o): array => [
                    'result' => $o->result,
                    'signs' => $o->signs,
                    'words' => $o->words,
                    'probability' => round($o->probability, 4),
                    'meaning' => $o->meaning,
                    'parts' => array_map(fn (float $p): float => round($p, 4), array_filter($o->parts, fn (float $p): bool => $p >= 0.02)),
                ],
                $step->outcomes,
            ),
            'locked_by' => array_map(fn (ActiveLock $lock): string => $lock->lock->id, $step->lockedBy),
            'caution' => $step->candidate->step->caution,
        ];
    }
}
