<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\SetUp\Manner;

/** Reads how often and when a machine fails from its written form. */
final class MannerReader
{
    /**
     * As written in a report (`often`, `only`, `failed`, `of`, and `reached`); null where nothing is said.
     *
     * @throws CaseMistake with the field it lies in
     */
    public static function read(Written $written, Catalogue $catalogue): ?Manner
    {
        $failed = $of = null;
        if ($written->has('failed') || $written->has('of')) {
            [$failed, $of] = [(int) $written->number('failed'), (int) $written->number('of')];
            $whole = (float) $failed === $written->number('failed') && (float) $of === $written->number('of');
            if (! $whole || $failed < 1 || $of < $failed || $of > Manner::MOST_STARTS) {
                $sentence = 'Say how many starts failed and of how many, such as 2 of 10; '.Manner::MOST_STARTS.' at most.';
                throw $written->mistake('failed', $sentence);
            }
        }
        $manner = Manner::told(
            $written->oneOfOrNull('"how often"', 'often', array_keys(Manner::OFTEN)),
            $written->oneOfOrNull('"only when"', 'only', array_keys(Manner::ONLY)),
            $failed,
            $of,
        );
        $reached = $written->wordOrNull('reached');
        if ($manner !== null && $reached !== null && $catalogue->reach($reached)->firstStop === $catalogue->stageCount()) {
            throw $written->mistake(
                'often',
                'As told it starts and stays up. Say what it does when it fails, or leave open how often it does.',
            );
        }

        return $manner;
    }
}
