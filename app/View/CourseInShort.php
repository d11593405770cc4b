<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Words\EntryWords;

/**
 * One job on a page where two stand beside one another: what was said, where it stopped first and how it was started, what it was, what was
 * done.
 */
final readonly class CourseInShort
{
    /** Parts under suspicion that are named. */
    private const NAMED = 4;

    /**
     * @param  string  $manner how often and when it fails, as told; empty = not said
     * @param  list<string>  $acts
     * @param  list<PartStanding>  $parts the cause where one is known, else who is under suspicion
     */
    private function __construct(
        public string $said,
        public string $manner,
        public ?Thumb $thumb,
        public string $outcome,
        public string $setUp,
        public array $parts,
        public array $acts,
    ) {
    }

    public static function of(Assessment $assessment, Catalogue $catalogue): self
    {
        $record = $assessment->record;
        $words = new EntryWords($assessment->machine, $catalogue);
        $start = $record->all(Start::class)[0] ?? null;
        $reach = $start === null ? null : $catalogue->reach($start->reached);
        $acts = array_map(fn (ActDone $act): string => $words->what($act), $record->all(ActDone::class));

        return new self(
            $record->all(Report::class)[0]->text ?? '',
            (string) Circumstances::manner($record, $catalogue)?->words(),
            $reach === null ? null : Thumb::of([$reach->firstStop, $reach->lastStop]),
            $start === null ? 'not started yet' : $words->outcome($start),
            $start === null ? '' : $words->setUp($start->setUp),
            array_slice($assessment->causes() ?: $assessment->suspects(), 0, self::NAMED),
            array_values(array_unique($acts)),
        );
    }
}
