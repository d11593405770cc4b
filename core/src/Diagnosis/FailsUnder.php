<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\Temperature;

/**
 * The condition under which alone a machine fails, by what was told and seen. A start that went well outside it says nothing of the parts:
 * a warm start does not acquit what fails cold. A trouble that was told and that nobody in the shop has seen fails, so far, only at the
 * owner's.
 */
final readonly class FailsUnder
{
    public const COLD = 'cold';

    public const WARM = 'warm';

    public const LOAD = 'load';

    public const HOURS = 'hours';

    public const CASE = 'case';

    public const OWNER = 'owner';

    /** What a part has then been shown under; what such a start is called; and when it fails. */
    private const WORDS = [
        self::COLD => ['started cold', 'cold', 'when cold'],
        self::WARM => ['warm', 'warm', 'once it is warm'],
        self::LOAD => ['at hard work', 'hard-worked', 'at hard work'],
        self::HOURS => ['after hours of use', 'hours-long', 'after hours'],
        self::CASE => ['in the case', 'in-case', 'in its case'],
        self::OWNER => ['where it is used', '', 'where it is used'],
    ];

    /** @param  ?string  $condition one of the constants; null where it fails whatever the condition, or nothing is known of one */
    private function __construct(public ?string $condition)
    {
    }

    public static function of(Record $record, Catalogue $catalogue): self
    {
        $failed = $well = [];
        $acted = false;
        foreach ($record->inForce as $entry) {
            $acted = $acted || ($entry instanceof ActDone && $entry->isWork($catalogue));
            if (! $entry instanceof Start) {
                continue;
            }
            if (self::wentWell($entry, $catalogue)) {
                $well = array_merge(
                    $well,
                    $acted || $entry->setUp->lent !== [] || $entry->setUp->out !== [] ? [] : array_fill(0, $entry->times, $entry->setUp),
                );
            } else {
                $failed[] = $entry->setUp;
            }
        }
        $told = Circumstances::manner($record, $catalogue)?->only;

        return match (true) {
            $told !== null && ! self::someOutside($failed, $told) => new self($told),
            $failed !== [] => new self(self::seen($failed, $well, $catalogue)),
            self::isUnseen($record, $catalogue, $acted) => new self(self::OWNER),
            default => new self(null),
        };
    }

    /**
     * The condition that a proof must be made under: what was seen to fail only as it ran at work is proved at work, though nobody has
     * shown yet that it fails there alone.
     */
    public static function toProve(Record $record, Catalogue $catalogue): self
    {
        $under = self::of($record, $catalogue);
        $failed = array_filter($record->all(Start::class), fn (Start $start): bool => ! self::wentWell($start, $catalogue));
        $late = $catalogue->stageCount() - 1;
        $early = array_filter($failed, fn (Start $start): bool => $catalogue->reach($start->reached)->firstStop < $late);
        if ($under->condition !== null || $failed === [] || $early !== []) {
            return $under;
        }
        $setUps = array_column($failed, 'setUp');

        return match (true) {
            ! self::someOutside($setUps, self::HOURS) => new self(self::HOURS),
            ! self::someOutside($setUps, self::LOAD) => new self(self::LOAD),
            default => $under,
        };
    }

    /** Whether what a start under this set-up shows speaks about what fails. */
    public function covers(SetUp $setUp): bool
    {
        return $this->condition === null || self::isUnder($setUp, $this->condition);
    }

    /** Whether it fails only as it works, or after hours of it. */
    public function isAtWork(): bool
    {
        return in_array($this->condition, [self::LOAD, self::HOURS], true);
    }

    /** "started cold": what a part has been shown under, and nothing where no condition matters. */
    public function words(): string
    {
        return self::WORDS[$this->condition][0] ?? '';
    }

    /** "cold": what a start under the condition is called; empty where no condition matters. */
    public function start(): string
    {
        return self::WORDS[$this->condition][1] ?? '';
    }

    /** "when cold": the condition as one tells it. */
    public function when(): string
    {
        return self::WORDS[$this->condition][2] ?? '';
    }

    /** Where no condition matters. */
    public static function any(): self
    {
        return new self(null);
    }

    private static function isUnder(SetUp $setUp, string $condition): bool
    {
        return match ($condition) {
            self::COLD => $setUp->temperature === Temperature::Cold,
            self::WARM => $setUp->temperature === Temperature::Warm || $setUp->isAtWork(),
            self::LOAD => $setUp->isAtWork(),
            self::HOURS => $setUp->goal === Goal::Hours,
            self::CASE => $setUp->place !== Place::Bench,
            default => $setUp->place === Place::Owner,
        };
    }

    /**
     * The condition that all starts that failed share and that those that went well lacked.
     *
     * @param  non-empty-list<SetUp>  $failed
     * @param  list<SetUp>  $well
     */
    private static function seen(array $failed, array $well, Catalogue $catalogue): ?string
    {
        foreach ([self::COLD, self::HOURS, self::LOAD, self::WARM, self::CASE] as $condition) {
            $otherwise = array_filter($well, fn (SetUp $setUp): bool => ! self::isUnder($setUp, $condition));
            if (count($otherwise) >= $catalogue->number('well_otherwise') && count($otherwise) === count($well)
                && ! self::someOutside($failed, $condition)) {
                return $condition;
            }
        }

        return null;
    }

    /** @param  list<SetUp>  $failed */
    private static function someOutside(array $failed, string $condition): bool
    {
        return array_filter($failed, fn (SetUp $setUp): bool => ! self::isUnder($setUp, $condition)) !== [];
    }

    private static function wentWell(Start $start, Catalogue $catalogue): bool
    {
        return $catalogue->reach($start->reached)->firstStop === $catalogue->stageCount();
    }

    /** A failure was told, nobody has seen it here, and nothing was found or done that could have ended it. */
    private static function isUnseen(Record $record, Catalogue $catalogue, bool $acted): bool
    {
        $told = array_filter($record->inForce, fn (Entry $entry): bool => self::tellsOfFailure($entry, $catalogue));
        $found = array_filter(
            $record->all(Finding::class),
            fn (Finding $finding): bool => $catalogue->check($finding->check)->direct
                && $catalogue->check($finding->check)->result($finding->result)->shows !== [],
        );

        return $told !== [] && ! $acted && $found === [];
    }

    private static function tellsOfFailure(Entry $entry, Catalogue $catalogue): bool
    {
        $reached = Circumstances::reached($entry, $catalogue);

        return $reached !== null && $catalogue->reach($reached)->firstStop < $catalogue->stageCount();
    }
}
