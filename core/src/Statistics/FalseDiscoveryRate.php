<?php

declare(strict_types=1);

namespace Orthoscope\Core\Statistics;

/** Corrects for looking at many things at once: Benjamini & Hochberg 1995. */
final class FalseDiscoveryRate
{
    /**
     * @template K of array-key
     *
     * @param  array<K, float>  $chances chance of each by luck
     *
     * @return array<K, float> the share of false finds among all at least as surprising, for each
     */
    public static function falseShares(array $chances): array
    {
        asort($chances);
        $count = count($chances);
        $shares = [];
        $rank = $count;
        $least = 1.0;
        foreach (array_reverse($chances, true) as $key => $chance) {
            $least = min($least, $chance * $count / $rank--);
            $shares[$key] = $least;
        }

        return $shares;
    }
}
