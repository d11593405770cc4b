<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;

/** The entries that a step leaves on the record once one of its outcomes was seen. */
final class StepAsEntries
{
    /** @return list<array<string, mixed>> as they are written */
    public static function of(Candidate $candidate, Outcome $outcome, Catalogue $catalogue): array
    {
        $step = $candidate->step;
        if ($step->record === 'unlock') {
            return [['kind' => 'act', 'act' => $step->act, 'on' => $candidate->on]];
        }
        if ($candidate->setUp === null) {
            $isOnOne = $catalogue->check((string) $step->check)->target !== null;

            return [array_filter([
                'kind' => 'finding',
                'check' => $step->check,
                'target' => $isOnOne ? $candidate->target?->id : null,
                'result' => $outcome->result,
                'host' => $candidate->host === null ? null : ['tag' => $candidate->host->tag],
            ])];
        }
        $entries = $step->act === null ? [] : [['kind' => 'act', 'act' => $step->act, 'on' => $candidate->on]];
        $entries[] = array_filter([
            'kind' => 'start',
            'setup' => $candidate->setUp->toArray(),
            'reached' => $outcome->result,
            'signs' => $outcome->signs,
            'step' => $candidate->id(),
        ]);

        return $entries;
    }
}
