<?php

declare(strict_types=1);

namespace Orthoscope\Core\Learning;

use Orthoscope\Core\Catalogue\Catalogue;

/** A catalogue with the priors of some faults multiplied: by what the shop learned, or by what a bulletin says of a model. */
final class ShiftedCatalogue
{
    /** @param  array<string, float>  $factors fault => factor, above 0 */
    public static function of(Catalogue $catalogue, array $factors): Catalogue
    {
        $factors = array_filter(
            $factors,
            fn (float $factor, string $fault): bool => $factor !== 1.0 && isset($catalogue->faults[$fault]),
            ARRAY_FILTER_USE_BOTH,
        );
        if ($factors === []) {
            return $catalogue;
        }
        $priors = [];
        foreach ($factors as $fault => $factor) {
            $priors[$fault] = $catalogue->fault($fault)->prior * $factor;
        }

        return $catalogue->withNumbers(priors: $priors);
    }

    /**
     * Factors of several sources together.
     *
     * @param  list<array<string, float>>  $all
     *
     * @return array<string, float>
     */
    public static function together(array $all): array
    {
        $together = [];
        foreach ($all as $factors) {
            foreach ($factors as $fault => $factor) {
                $together[$fault] = ($together[$fault] ?? 1.0) * $factor;
            }
        }

        return $together;
    }
}
