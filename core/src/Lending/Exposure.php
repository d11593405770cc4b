<?php

declare(strict_types=1);

namespace Orthoscope\Core\Lending;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Shelf\ShelfData;

/** How likely each spare was ruined along a chain of contact. */
final readonly class Exposure
{
    /** Probability that a machine destroys what is put into it, from what is believed of it: 0 to 1. */
    public static function harmOf(Assessment $assessment, ShelfData $data): float
    {
        $spared = 1.0;
        foreach ($assessment->faults as $fault) {
            if ($fault->spare === null) {
                $spared *= 1.0 - $fault->probability * ($data->destructive[$fault->fault->id] ?? 0.0);
            }
        }

        return 1.0 - $spared;
    }

    /**
     * @param  float  $harm  that the first machine destroys what is put into it, 0 to 1
     * @param  array<string, string>  $kindOf spare => kind of part
     *
     * @return array<string, float> spare => probability that it was ruined, in the order of the trace
     */
    public static function ruined(ContactTrace $trace, float $harm, array $kindOf, ShelfData $data): array
    {
        $ofJob = $ruined = [];
        $contacts = [
            ...array_map(fn (Contact $one): array => ['job', $one], array_values($trace->jobs)),
            ...array_map(fn (Contact $one): array => ['spare', $one], array_values($trace->spares)),
        ];
        usort($contacts, fn (array $a, array $b): int => $a[1]->steps <=> $b[1]->steps);
        foreach ($contacts as [$what, $contact]) {
            if ($what === 'job') {
                $ofJob[$contact->name] = $contact->by === null ? $harm : ($ruined[$contact->by] ?? 0.0) * $data->carries;
            } else {
                $ruined[$contact->name] = ($ofJob[(string) $contact->by] ?? 0.0) * $data->harmed($kindOf[$contact->name] ?? '');
            }
        }

        return $ruined;
    }
}
