<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\SetUp\Manner;

/** Reads how often and when a machine fails from its written form. */
final class MannerReader
{
    /**
     * As written in a report; null where nothing is said.
     *
     * @param  array<string, mixed>  $given `often`, `only`, `failed`, `of`, and `reached`
     *
     * @throws CaseMistake with the field it lies in
     */
    public static function read(array $given, Catalogue $catalogue): ?Manner
    {
        [$often, $only] = [$given['often'] ?? null, $given['only'] ?? null];
        $failed = $of = null;
        if (isset($given['failed']) || isset($given['of'])) {
            [$failed, $of] = array_map(fn (string $key): int => (int) filter_var($given[$key] ?? null, FILTER_VALIDATE_INT), ['failed', 'of']);
            if ($failed < 1 || $of < $failed || $of > Manner::MOST_STARTS) {
                throw CaseMistake::at('/failed', 'Say how many starts failed and of how many, such as 2 of 10; '.Manner::MOST_STARTS.' at most.');
            }
        }
        $manner = Manner::told(
            $often === null ? null : Written::oneOf('"how often"', (string) $often, array_keys(Manner::OFTEN), '/often'),
            $only === null ? null : Written::oneOf('"only when"', (string) $only, array_keys(Manner::ONLY), '/only'),
            $failed, $of,
        );
        if ($manner !== null && isset($given['reached']) && $catalogue->reach($given['reached'])->firstStop === $catalogue->stageCount()) {
            throw CaseMistake::at('/often', 'As told it starts and stays up. Say what it does when it fails, or leave open how often it does.');
        }

        return $manner;
    }
}
