<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\HandBack\HandOver;
use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Shelf\Shelf;
use Symfony\Component\Yaml\Yaml;

/**
 * What the core says at the end of each worked course, kept in `core/tests/held`, so that no change of the core moves a figure or a
 * sentence unseen. What a change means to move is written anew by `bin/same --hold`, and read in its diff.
 */
final class Held
{
    /** Figures that differ by less than this are the same: it is below what is shown, and above what processors round differently. */
    public const CLOSE = 0.0005;

    /** Parts less likely than this are left out; so is what is stated of a part where it differs by less. */
    private const LEAST = 0.01;

    private const STEPS = 6;

    private const WIDTH = 120;

    /** @return array<string, mixed> what was kept of a course, as `of` gives it; empty if nothing was */
    public static function course(string $name): array
    {
        return is_file(self::file($name)) ? Yaml::parseFile(self::file($name)) : [];
    }

    public static function keep(string $name, Assessment $assessment): void
    {
        file_put_contents(self::file($name), Yaml::dump(self::of($assessment), 4, 2, Yaml::DUMP_MULTI_LINE_LITERAL_BLOCK));
    }

    /**
     * Plays a course as the shop would, entry by entry, and assesses it where something is expected.
     *
     * @param  array<string, mixed>  $course
     *
     * @return iterable<int, Assessment> by the number of entries there are then; none if nothing is expected
     */
    public static function assessed(array $course): iterable
    {
        $catalogue = Catalogue::shipped();
        $machine = Machine::fromArray($course['machine'], $catalogue);
        $reader = new EntryReader($catalogue, $machine);
        $shelf = isset($course['shelf']) ? Shelf::fromRows(Row::of($course, 'a course')->rows('shelf')) : Shelf::wellStocked($catalogue);
        // It goes on from entry to entry; that this is the same as going through all each time, AdviserTest holds.
        $adviser = new Adviser($catalogue, $machine, $shelf);
        $entries = [];
        foreach ($course['steps'] as $step) {
            $entries[] = $reader->read(count($entries) + 1, $step['entry']);
            if (isset($step['then'])) {
                yield count($entries) => $adviser->assess(new Record($entries));
            }
        }
    }

    /** @return array<string, mixed> figures, and what a colleague and the owner would read */
    public static function of(Assessment $assessment): array
    {
        $advice = $assessment->advice;
        $likely = array_filter($assessment->standings, fn (PartStanding $one): bool => $one->probability >= self::LEAST);
        $otherwise = array_filter($likely, fn (PartStanding $one): bool => abs($one->stated - $one->probability) >= self::LEAST);

        return [
            'sound' => round($assessment->sound, 4),
            'state' => $advice->state->value,
            'remaining' => round($advice->remaining, 2),
            'parts' => array_map(fn (PartStanding $one): float => round($one->probability, 4), $likely),
            'stated' => array_map(fn (PartStanding $one): float => round($one->stated, 4), $otherwise),
            'steps' => array_map(self::step(...), array_slice($advice->steps, 0, self::STEPS)),
            'hand_over' => self::lines(HandOver::sentences($assessment, Catalogue::shipped())),
            'owed' => self::lines($assessment->proof->owed),
            'letter' => self::lines(explode("\n", (new LetterWriter(Catalogue::shipped()))->write($assessment)->text())),
        ];
    }

    /** @return array<string, float|int|string> */
    private static function step(NextStep $step): array
    {
        return [
            'step' => $step->candidate->id().($step->isOpen() ? '' : ' (locked)'),
            'minutes' => $step->minutes,
            'saves' => round($step->saves, 2),
            'why' => self::lines([$step->why]),
        ];
    }

    /** @param  list<string>  $sentences */
    private static function lines(array $sentences): string
    {
        return implode("\n", array_map(fn (string $one): string => wordwrap($one, self::WIDTH, "\n  "), $sentences));
    }

    private static function file(string $name): string
    {
        return __DIR__."/held/{$name}.yaml";
    }
}
