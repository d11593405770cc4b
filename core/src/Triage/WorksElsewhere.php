<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\OthersTrial;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\SetUp\Temperature;

/**
 * It ran where others tried it and fails here, or the other way round. That proves no part: what differs between the two places is what is
 * to be tried next (common practice, no source).
 */
final readonly class WorksElsewhere
{
    /**
     * @param  bool  $ranThere it ran with them and fails here; else it fails with them and runs here
     * @param  list<string>  $differs what is not the same there and here, in words
     * @param  array<string, SetUp>  $try  in words => a start that takes one difference away, not made yet
     */
    private function __construct(
        public OthersTrial $there,
        public Start $here,
        public bool $ranThere,
        public array $differs,
        public array $try,
    ) {
    }

    /** By the last start here and the last trial told that went otherwise; null where there is none. */
    public static function in(Record $record, Catalogue $catalogue): ?self
    {
        $here = $record->lastStart();
        if ($here === null || $here->setUp->lent !== [] || $here->setUp->out !== []) {
            return null;
        }
        $well = self::isWell($here, $catalogue);
        foreach (array_reverse($record->all(OthersTrial::class)) as $there) {
            $ran = self::isWell($there, $catalogue);
            if ($there->theirs === [] && $there->setUp->out === [] && $ran !== $well) {
                return new self($there, $here, $ran, self::differs($there, $here), self::trials($ran, $record));
            }
        }

        return null;
    }

    public function sentence(): string
    {
        $who = OthersTrial::BY[$this->there->who];
        $both = $this->ranThere ? "It ran where {$who} tried it, and fails here." : "It fails where {$who} tried it, and runs here.";

        return "{$both} That proves no part. What may differ: ".implode(', ', $this->differs).'.';
    }

    private static function isWell(OthersTrial|Start $entry, Catalogue $catalogue): bool
    {
        return $catalogue->reach($entry->reached)->firstStop === $catalogue->stageCount();
    }

    /** @return list<string> */
    private static function differs(OthersTrial $there, Start $here): array
    {
        [$then, $now] = [$there->setUp->temperature?->value, $here->setUp->temperature?->value];

        return array_values(array_filter([
            match (true) {
                $then === null || $now === null => 'how warm it was, and the room',
                $then === $now => '',
                default => "{$then} there, {$now} here",
            },
            'the mains',
            $there->where === OthersTrial::ELSEWHERE ? 'leads, screen and its input' : 'what is plugged in',
            $here->setUp->place === Place::Bench ? 'the case, which it is out of here' : 'how it stands, and the way it was carried',
            $there->setUp->goal === $here->setUp->goal ? '' : 'how long and how hard it ran',
        ]));
    }

    /** @return array<string, SetUp> */
    private static function trials(bool $ranThere, Record $record): array
    {
        $all = [
            'warm, after a run' => new SetUp(temperature: Temperature::Warm),
            'cold, after standing' => new SetUp(temperature: Temperature::Cold),
            'out of its case' => new SetUp(place: Place::Bench, startBy: StartBy::Pins),
            'for hours' => new SetUp(goal: Goal::Hours),
        ];
        // Hours tell nothing of what does not get that far.
        $asked = $ranThere ? array_diff_key($all, ['for hours' => true]) : $all;

        return array_filter($asked, static fn (SetUp $one): bool => ! self::wasMade($one, $record));
    }

    private static function wasMade(SetUp $asked, Record $record): bool
    {
        foreach ($record->all(Start::class) as $start) {
            if ($start->setUp->isAtLeast($asked) && $start->setUp->place === $asked->place) {
                return true;
            }
        }

        return false;
    }
}
