<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Orthoscope\Core\Planning\Interlocks;

/** What is told with a machine that goes back locked: not to switch it on, and why. It stands on the letter, the tag and the message. */
final class Warning
{
    /** @return list<Sentence> empty where nothing is locked */
    public static function sentences(Interlocks $locks): array
    {
        $sentences = $seen = [];
        foreach ([...$locks->onPower(), ...$locks->onOwnSupply()] as $active) {
            $words = $active->lock->tell;
            if ($words !== '' && ! isset($seen[$words])) {
                $seen[$words] = true;
                $sentences[] = Sentence::of($words, ...($active->raisedBy === null ? [] : [$active->raisedBy]));
            }
        }

        return $sentences === [] ? [] : [Sentence::of('Do not switch it on, and do not plug it in.'), ...$sentences];
    }
}
