<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\FailsUnder;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Evidence\Start;

/** How the work stands, as far as it decides what comes next. */
final readonly class Situation
{
    /**
     * @param  bool  $started it was started here at least once, or, having come alone, tried in a good machine
     * @param  bool  $alone   a part that came alone
     * @param  bool  $failsInCase out of its case it runs, in its case it failed
     * @param  bool  $barred it may not be powered, or not on its own supply
     * @param  bool  $provable it ran at its last start, or something was done to it since, and it is likely sound
     * @param  bool  $told nothing was done here; what to change at home was told its owner
     * @param  float  $sound belief that nothing is wrong with it any more, 0 to 1
     * @param  ?string  $shownBy the step that shows what was done to it since its last start; null where nothing was done
     * @param  ?int  $stopsAt the last stop at which it may have failed, all its own parts in; null where it ran, or comes and goes
     * @param  bool  $runs it stayed up at its last start, nothing swapped, and it has not come back
     */
    private function __construct(
        public bool $started,
        public bool $alone,
        public bool $failsInCase,
        public bool $barred,
        public bool $provable,
        public bool $told,
        public float $sound,
        public ?string $shownBy,
        public ?int $stopsAt,
        public bool $runs,
    ) {
    }

    /** @param  Trial  $trial what shows what it fails at */
    public static function of(
        Catalogue $catalogue,
        Replay $replay,
        Record $record,
        Grounds $grounds,
        Interlocks $locks,
        Trial $trial,
    ): self {
        $last = $record->lastStart();
        $runs = $last !== null && $catalogue->reach($last->reached)->firstStop > $catalogue->stageIndex('picture');
        $acts = $record->all(ActDone::class);
        $work = array_values(array_filter($acts, fn (ActDone $act): bool => $act->isWork($catalogue)));
        $toldOf = array_filter($acts, fn (ActDone $act): bool => $catalogue->act($act->act)->atOwner);
        $worked = max([0, ...array_column($work, 'number')]);
        $repairedSince = $worked > ($last->number ?? 0);
        $sound = $replay->sound();

        return new self(
            started: $last !== null || self::wasTriedAlone($replay, $record, $catalogue),
            alone: $replay->model->machine->alone !== null,
            failsInCase: $grounds->failsUnder->condition === FailsUnder::CASE,
            barred: $locks->powerIsLocked() || $locks->onOwnSupply() !== [],
            provable: ($runs || $repairedSince) && $sound >= $catalogue->number('prove_from'),
            told: $work === [] && $toldOf !== [],
            sound: $sound,
            shownBy: $last === null || $worked === 0 || self::isShown($worked, $record, $trial, $catalogue) ? null : $trial->step(),
            stopsAt: $grounds->comesAndGoes ? null : self::stopAsItIs($record, $catalogue),
            runs: self::runsAsItIs($last, $record, $catalogue),
        );
    }

    /** Whether it failed since it was worked on, or ran where its trouble shows: what ran idle shows nothing of what fails at work. */
    private static function isShown(int $worked, Record $record, Trial $trial, Catalogue $catalogue): bool
    {
        return array_filter(
            $record->all(Start::class),
            fn (Start $start): bool => $start->number > $worked
                && ($catalogue->isFailure($start->reached) || $trial->isMetBy($start->setUp)),
        ) !== [];
    }

    /** What came alone was tried in a good machine: that shows of it what a start shows of a machine. */
    private static function wasTriedAlone(Replay $replay, Record $record, Catalogue $catalogue): bool
    {
        $inHost = fn (Finding $finding): bool => $catalogue->check($finding->check)->host;

        return $replay->model->machine->alone !== null && array_filter($record->all(Finding::class), $inHost) !== [];
    }

    private static function stopAsItIs(Record $record, Catalogue $catalogue): ?int
    {
        $own = array_filter($record->all(Start::class), fn (Start $start): bool => $start->setUp->changesNoPart());
        $reached = $own === [] ? null : end($own)->reached;

        return $reached !== null && $catalogue->isFailure($reached) ? $catalogue->reach($reached)->lastStop : null;
    }

    /** It runs, all its own parts in; and its owner has told of nothing since it was first started here, or since something was done. */
    private static function runsAsItIs(?Start $last, Record $record, Catalogue $catalogue): bool
    {
        if ($last === null || ! $last->setUp->changesNoPart()) {
            return false;
        }
        $work = array_filter($record->all(ActDone::class), fn (ActDone $act): bool => $act->isWork($catalogue));
        $since = max($record->all(Start::class)[0]->number, ...array_column($work, 'number'), ...[0]);
        $again = array_filter($record->all(Report::class), fn (Report $report): bool => $report->number > $since);

        return $again === [] && ! $catalogue->isFailure($last->reached);
    }
}
