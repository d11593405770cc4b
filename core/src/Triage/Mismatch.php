<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;

/**
 * What was told and the first start on the bench, side by side, where they differ: which faults such a difference speaks for, and what to
 * ask the owner. Nobody need have lied: the place, the leads, the cold or a journey can do it.
 */
final readonly class Mismatch
{
    /** How much likelier a fault must have become by the two together, and how likely, to be named. Origin: judgement. */
    private const LIFT = 1.5;

    private const LEAST = 0.03;

    private const MOST = 5;

    /**
     * @param  string  $told     as told, in plain words
     * @param  string  $seen     as seen on the bench, in plain words
     * @param  list<string>  $speaksFor what is wrong in such a case, in plain words, likeliest first
     * @param  string  $question to the owner
     */
    private function __construct(
        public string $told,
        public string $seen,
        public int $start,
        public array $speaksFor,
        public string $question,
    ) {
    }

    /** Null where they agree, one of them is missing, or it goes well here once and was told to come and go. */
    public static function in(Machine $machine, Record $record, Catalogue $catalogue): ?self
    {
        [$told, $last, $first] = self::before($record, $catalogue);
        if ($told === null || $last === null || $first === null) {
            return null;
        }
        [$a, $b] = [$catalogue->reach($told), $catalogue->reach($first->reached)];
        $further = $b->firstStop > $a->lastStop;
        $manner = Circumstances::manner($record, $catalogue);
        if (($a->firstStop <= $b->lastStop && $b->firstStop <= $a->lastStop) || ($further && $manner?->comesAndGoes())) {
            return null;
        }

        return new self(
            $a->plain,
            $b->plain,
            $first->number,
            self::speaksFor($machine, [$last, $first], $catalogue),
            self::question($a->plain, $b->plain, $further, $manner === null),
        );
    }

    /**
     * @return array{?string, ?Entry, ?Start} how a start ended as last told before the bench started it, the entry that told so, and the
     *     first start
     */
    private static function before(Record $record, Catalogue $catalogue): array
    {
        [$told, $last] = [null, null];
        foreach ($record->inForce as $entry) {
            if ($entry instanceof Start) {
                return [$told, $last, $entry];
            }
            $reached = Circumstances::reached($entry, $catalogue);
            [$told, $last] = $reached === null ? [$told, $last] : [$reached, $entry];
        }

        return [$told, $last, null];
    }

    /**
     * @param  list<Entry>  $entries
     *
     * @return list<string>
     */
    private static function speaksFor(Machine $machine, array $entries, Catalogue $catalogue): array
    {
        $before = Replay::among([], $machine, new Record([]), $catalogue);
        $after = Replay::among([], $machine, new Record($entries), $catalogue);
        $groups = fn (Replay $replay): array => array_map(
            fn (Mode $mode): string => $mode->spare === null ? $mode->fault->id : '',
            $replay->model->modes->all,
        );
        $was = $before->belief->byGroup($groups($before))[0];
        $is = $after->belief->byGroup($groups($after))[0];
        unset($is['']);
        arsort($is);
        $named = [];
        foreach ($is as $fault => $p) {
            if (
                $p >= self::LEAST
                && $p > self::LIFT * ($was[$fault] ?? 0.0)
                && isset($catalogue->faults[$fault])
                && $catalogue->fault($fault)->part !== 'outside'
            ) {
                $named[] = $catalogue->fault($fault)->plain;
            }
        }

        return array_slice($named, 0, self::MOST);
    }

    /** @param  bool  $open how often it does so was not asked yet */
    private static function question(string $told, string $seen, bool $further, bool $open): string
    {
        return "You told us that {$told}. Here {$seen}. "
            .($further
                ? ($open ? 'Did it do so at home every time, or only now and then, or only when cold? ' : '')
                    .'Which socket and which leads did you use there, and may we have them? Was anything touched or plugged in since?'
                : 'Was it like this at home too at the end? Was it carried far or dropped on the way, and was anything touched or '
                    .'plugged in since?');
    }
}
