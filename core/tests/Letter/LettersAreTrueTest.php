<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Letter;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\PartKind;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Letter\Section;
use Orthoscope\Core\Letter\Sentence;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Simulation\Bench;
use Orthoscope\Core\Simulation\FriendlyWorld;
use Orthoscope\Core\Simulation\HardWorld;
use Orthoscope\Core\Simulation\HiddenMachine;
use Orthoscope\Core\Simulation\View;
use Orthoscope\Core\Tests\Support\Bench as Words;
use PHPUnit\Framework\TestCase;

/**
 * Letters of simulated jobs, each sentence held against the record and against what was hidden in the machine: what is said to have worked
 * was in a start that went that far and is not broken for good, what is said to be replaced was, and "we are sure" is right. Machines of
 * both worlds, steps taken at random, a repair of what was wrong in every second one. LETTERS=2000 in the environment writes so many; the
 * suite writes fewer.
 */
final class LettersAreTrueTest extends TestCase
{
    private const FEW = 36;

    /** Of the letters that are sure, the share that may name a part that was good: an instrument errs too, and hosts can be bad. */
    private const WRONGLY_SURE = 0.05;

    /** Of letters of jobs that went on at random, so few at the least are sure. */
    private const SURE = 0.01;

    private int $sure = 0;

    private int $wronglySure = 0;

    private int $checked = 0;

    public function test_no_letter_says_what_is_not_so(): void
    {
        $letters = (int) (getenv('LETTERS') ?: self::FEW);
        $catalogue = Words::catalogue();
        $writer = new LetterWriter($catalogue);
        for ($i = 0; $i < $letters; $i++) {
            $world = $i % 3 === 2 ? new HardWorld($catalogue, 0.15) : new FriendlyWorld($catalogue);
            $hidden = $world->machine(Draw::from("letter {$i}"));
            $assessment = $this->job($hidden, Draw::from("course {$i}"), $catalogue);
            foreach ($writer->write($assessment)->sections as $section) {
                $this->check($section, $assessment, $hidden, "letter {$i}");
            }
        }
        $this->assertGreaterThan($letters, $this->checked, 'Next to nothing was checked.');
        $this->assertGreaterThan(self::SURE * $letters, $this->sure, 'Hardly a letter is sure of anything.');
        $said = "{$this->wronglySure} of {$this->sure} letters that are sure are wrong";
        $this->assertLessThanOrEqual(ceil(self::WRONGLY_SURE * $this->sure), $this->wronglySure, $said);
    }

    private function job(HiddenMachine $hidden, Draw $draw, Catalogue $catalogue): Assessment
    {
        $bench = new Bench($catalogue, $hidden);
        $bench->start(new SetUp);
        $shelf = Shelf::wellStocked($catalogue);
        for ($step = 0, $steps = 1 + (int) floor(6 * $draw->unit()); $step < $steps; $step++) {
            $record = $bench->record();
            $open = (new View($catalogue, Replay::among([], $hidden->machine(), $record, $catalogue), $record, $shelf))->open();
            $open === [] ? $bench->start(new SetUp) : $bench->take($draw->oneOf($open));
        }
        if ($draw->happens(0.5)) {
            [$fault, $part] = $draw->oneOf($hidden->causes());
            $usual = isset($catalogue->faults[$fault]) ? $catalogue->fault($fault)->usualRepair() : 'replace';
            $usual === 'replace' && $hidden->machine()->part($part)->kind->carrier === null
                ? $bench->fit($part)
                : $bench->act($usual, [$part]);
        }
        for ($start = 0, $starts = (int) floor(4 * $draw->unit()); $start < $starts; $start++) {
            $bench->start(new SetUp);
        }
        $record = $bench->record();
        $closing = Words::case([['kind' => 'closing', 'price' => 4500, 'warranty_months' => 6]])->record->entries[0];

        return Assessment::of(
            $hidden->machine(),
            new Record([...$record->entries, $this->numbered($closing, count($record->entries) + 1)]),
            new Shelf([]),
            $catalogue,
        );
    }

    private function check(Section $section, Assessment $assessment, HiddenMachine $hidden, string $where): void
    {
        foreach ($section->sentences as $sentence) {
            $known = array_column($assessment->record->inForce, 'number');
            $this->assertSame(
                [],
                array_values(array_diff($sentence->entries, $known)),
                "{$where}: \"{$sentence}\" rests on entries that are not there",
            );
            match (true) {
                str_starts_with($sentence->text, 'These worked') => $this->worked($sentence, $assessment, $hidden, $where),
                str_starts_with($sentence->text, 'We replaced ') && ! str_contains($sentence->text, 'nothing') => $this->replaced(
                    $sentence,
                    $assessment,
                    $where,
                ),
                str_starts_with($sentence->text, 'We are sure') => $this->sure($assessment, $hidden),
                str_starts_with($sentence->text, 'We did not get to test') => $this->neverRan($sentence, $assessment, $where),
                str_starts_with($sentence->text, 'It started well') => $this->startedWell($sentence, $assessment, $where),
                default => null,
            };
            if ($section->id === 'done' || str_starts_with($sentence->text, 'These worked') || $section->id === 'proof') {
                $this->assertNotSame([], $sentence->entries, "{$where}: \"{$sentence}\" rests on nothing");
            }
            $this->checked++;
        }
    }

    /** Each part named was in a start that got past it, came in, and has no fault that stops every start there. */
    private function worked(Sentence $sentence, Assessment $assessment, HiddenMachine $hidden, string $where): void
    {
        $catalogue = Words::catalogue();
        $named = $this->named($sentence);
        $this->assertNotSame([], $named, "{$where}: {$sentence}");
        foreach ($named as $kind) {
            $this->assertNotContains(
                $kind->id,
                ['screen', 'devices', 'cell', 'wall-socket'],
                "{$where}: {$kind->id} never came in, or a start says nothing of it",
            );
            $got = array_filter(
                $assessment->record->all(Start::class),
                fn (Start $start): bool => in_array($start->number, $sentence->entries, true)
                    && $catalogue->reach($start->best())->firstStop > $catalogue->stageIndex($kind->stage)
                    && ! $start->setUp->isLent($kind->id)
                    && ! $start->setUp->isOut($kind->id),
            );
            $this->assertNotSame([], $got, "{$where}: no start got past {$kind->id}");
            foreach ($hidden->causes() as [$fault, $part]) {
                $hard = isset($catalogue->faults[$fault])
                    && $catalogue->fault($fault)->shows === 'always'
                    && $catalogue->stageIndex($catalogue->fault($fault)->ways[0]['stops']) <= $catalogue->stageIndex($kind->stage);
                $touched =
                    array_filter(
                        $assessment->record->all(ActDone::class),
                        fn (ActDone $act): bool => in_array($part, $act->on, true),
                    ) !== [];
                $this->assertFalse(
                    $hard
                        && ! $touched
                        && ! $hidden->isSound()
                        && $hidden->machine()->part($part)->kind->id === $kind->id
                        && count($hidden->causes()) === 1
                        && $this->neverWentWell($assessment),
                    "{$where}: {$part} has {$fault} and is said to have worked",
                );
            }
        }
    }

    /** No start went all the way. */
    private function neverWentWell(Assessment $assessment): bool
    {
        return array_filter($assessment->record->all(Start::class), fn (Start $start): bool => $start->best() === 'stays') === [];
    }

    private function replaced(Sentence $sentence, Assessment $assessment, string $where): void
    {
        $acts = array_filter(
            $assessment->record->all(ActDone::class),
            fn (ActDone $act): bool => in_array($act->number, $sentence->entries, true),
        );
        $this->assertNotSame([], $acts, "{$where}: {$sentence}");
        foreach ($acts as $act) {
            $this->assertStringStartsWith(
                'replace',
                lcfirst(Words::catalogue()->act($act->act)->name),
                "{$where}: \"{$sentence}\" rests on {$act->act}",
            );
            foreach ($act->on as $part) {
                $this->assertStringContainsString(
                    $act->act === 'replace' ? $assessment->machine->part($part)->kind->plain : 'replaced',
                    $sentence->text,
                    $where,
                );
            }
        }
    }

    private function sure(Assessment $assessment, HiddenMachine $hidden): void
    {
        $causes = array_filter($assessment->causes(), fn ($standing): bool => $standing->confirmed);
        $this->assertNotSame([], $causes);
        $wrong = array_filter($causes, fn ($standing): bool => ! isset($hidden->atFault()[$standing->part->id]));
        $this->sure++;
        $this->wronglySure += $wrong === [] ? 0 : 1;
    }

    /** No part of a kind that is named ran in a start that went past it. */
    private function neverRan(Sentence $sentence, Assessment $assessment, string $where): void
    {
        $shown = array_filter($this->named($sentence), fn (PartKind $kind): bool => $kind->shownByStart);
        foreach ($shown as $kind) {
            $ids = array_column($assessment->machine->ofKind($kind->id), 'id');
            $ran = array_filter(
                $ids,
                fn (string $part): bool => array_filter(
                    $assessment->record->all(Start::class),
                    fn (Start $start): bool => Words::catalogue()->reach($start->best())->firstStop
                        > Words::catalogue()->stageIndex($kind->stage) && $start->setUp->hasOwn($part),
                ) !== [],
            );
            $this->assertNotSame($ids, array_values($ran), "{$where}: {$kind->id} ran, and is said not to have been tested");
        }
    }

    /** @return array<string, PartKind> kinds of part that a sentence names */
    private function named(Sentence $sentence): array
    {
        $named = array_filter(
            Words::catalogue()->parts,
            fn (PartKind $kind): bool => preg_match(
                '/(?<=: |, |and )'.preg_quote($kind->plain, '/').'(?=,| and|\.|:)/',
                $sentence->text,
            ) === 1,
        );

        return $named;
    }

    private function startedWell(Sentence $sentence, Assessment $assessment, string $where): void
    {
        foreach ($assessment->record->all(Start::class) as $start) {
            if (in_array($start->number, $sentence->entries, true)) {
                $this->assertSame('stays', $start->reached, "{$where}: {$sentence}");
            }
        }
    }

    private function numbered(Entry $closing, int $number): Entry
    {
        $reader = new \Orthoscope\Core\Evidence\EntryReader(Words::catalogue(), Words::case([])->machine);

        return $reader->read($number, ['kind' => 'closing', 'price' => $closing->price ?? 0, 'warranty_months' => 6]);
    }
}
