<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\HandBack\HostTrials;

/** Of a part that came alone, how it went in good machines. */
final class TriedInHosts
{
    /** @return list<Sentence> none where it was tried in none */
    public static function sentences(Record $record, Machine $machine, Catalogue $catalogue): array
    {
        $trials = HostTrials::in($record, $machine, $catalogue);
        if ($trials === []) {
            return [];
        }
        $all = count($trials);
        $failed = count(array_filter($trials, fn (Finding $trial): bool => HostTrials::failed($trial, $catalogue)));
        $tried = 'We tried it by itself in '.($all === 1 ? 'a good machine of ours' : "good machines of ours, {$all} times");
        $went = match (true) {
            $failed === 0 => $all === 1 ? ', and it worked' : ', and it worked each time',
            $failed === $all => $all === 1 ? ', and it failed' : ', and it failed each time',
            default => ': it worked '.self::times($all - $failed).' and failed '.self::times($failed),
        };

        return [Sentence::of("{$tried}{$went}.", ...array_column($trials, 'number'))];
    }

    private static function times(int $count): string
    {
        return $count === 1 ? 'once' : "{$count} times";
    }
}
