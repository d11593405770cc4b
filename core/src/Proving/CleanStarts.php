<?php

declare(strict_types=1);

namespace Orthoscope\Core\Proving;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\FailsUnder;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\Statistics\Beta;

/**
 * What clean starts after a repair are worth, by how often it failed before: one that failed in two of ten may well start six times in a
 * row by luck. What the bench saw and what its owner counted belong to one rate, the owner's count weighed as what is told; it is not known
 * but from those starts, so it is taken as spread by Jeffreys' rule over what they allow. Only starts under the condition it fails under
 * count. How many are asked follows from the risk the shop accepts that it comes back.
 */
final readonly class CleanStarts
{
    /** More are never asked; what comes every few months needs dates and not starts. Origin: judgement. */
    private const MOST = 60;

    /**
     * @param  int  $failed  starts on the bench that failed before the last act, 0 to `started`
     * @param  int  $started starts on the bench before it, with the machine's own parts in
     * @param  int  $clean   clean starts since
     * @param  int  $toldFailed starts that failed by its owner's count, 0 to `told`
     * @param  int  $told    starts its owner counted
     * @param  float  $weight of the owner's count against the bench's, 0 to 1
     * @param  float  $risk   that it comes back, as the shop accepts it, over 0 to 1
     * @param  FailsUnder  $under the condition that a start must be made under to count
     * @param  bool  $acted  something was done since it last failed
     * @param  bool  $fails  its last start failed, and of several in a row each
     */
    private function __construct(
        public int $failed,
        public int $started,
        public int $clean,
        public int $toldFailed,
        public int $told,
        private float $weight,
        private float $risk,
        public FailsUnder $under,
        private bool $acted = true,
        private bool $fails = false,
    ) {
    }

    /** @param  float  $risk that it comes back, as the shop accepts it, over 0 to 1 */
    public static function of(int $failed, int $started, int $clean, float $risk = 0.1): self
    {
        return new self(
            failed: min($failed, $started),
            started: $started,
            clean: $clean,
            toldFailed: 0,
            told: 0,
            weight: 0.0,
            risk: $risk,
            under: FailsUnder::any(),
        );
    }

    /** By the record: starts before the last act that changed the machine, and those since. */
    public static function in(Record $record, Catalogue $catalogue): self
    {
        $under = FailsUnder::toProve($record, $catalogue);
        $failed = $started = $clean = 0;
        $acted = $since = $fails = false;
        foreach ($record->inForce as $entry) {
            if ($entry instanceof ActDone && $entry->isWork($catalogue)) {
                $acted = $since = true;
                // Clean starts before a further act say nothing of what came after it.
                $started += $clean;
                $clean = 0;
            }
            if (! ($entry instanceof Start) || ! self::counts($entry->setUp, $under, $acted)) {
                continue;
            }
            $whole = self::whole($entry, $catalogue);
            $fails = $whole === 0;
            if ($whole < $entry->times) {
                $since = false;
                $failed += $entry->times - $whole;
                $started += $entry->times + $clean;
                $clean = 0;
            } elseif ($acted) {
                $clean += $entry->times;
            } else {
                $started += $entry->times;
            }
        }
        $manner = Circumstances::manner($record, $catalogue);

        return new self(
            failed: $failed,
            started: $started,
            clean: $clean,
            toldFailed: $manner->failed ?? 0,
            told: $manner->of ?? 0,
            weight: $catalogue->number('trust_seen'),
            risk: $catalogue->number('comeback_risk'),
            under: $under,
            acted: $since,
            fails: $fails,
        );
    }

    /** Chance of so many clean starts in a row if nothing is cured: the mean of (1 - p)^m over what the starts before allow of p. */
    public function byLuck(?int $clean = null): float
    {
        $failing = $this->failed + $this->weight * $this->toldFailed + 0.5;
        $passing = $this->started - $this->failed + $this->weight * ($this->told - $this->toldFailed) + 0.5;

        return Beta::of($failing, $passing)->noneIn($clean ?? $this->clean);
    }

    /**
     * How many more clean starts leave no more than the accepted risk: that they come by luck, and that it is not put right.
     *
     * @param  float  $sound belief now that it is sound, over 0 to 1
     *
     * @return ?int 0 if there are enough; null where more would be asked than starts can give
     */
    public function more(float $sound): ?int
    {
        for ($more = 0; $more <= self::MOST; $more++) {
            $luck = $this->byLuck($this->clean + $more);
            $left = ((1.0 - $sound) * $luck) / $this->byLuck();
            if ($luck <= $this->risk && $left / ($sound + $left) <= $this->risk) {
                return $more;
            }
        }

        return null;
    }

    /** Whether anybody has counted how often it failed. */
    public function areCounted(): bool
    {
        return $this->failed + $this->toldFailed > 0;
    }

    /** @return list<string> one sentence for each thing that can be said */
    public function sentences(float $sound): array
    {
        if (! $this->areCounted()) {
            return $this->under->condition === null ? [] : [$this->notUnder()];
        }

        return array_values(
            array_filter([
                $this->before().
                ($this->clean === 0
                    ? '.'
                    : "; since, {$this->starts($this->clean)} went well. Were it not cured, that would come by luck in {$this->inHundred(
                        $this->byLuck(),
                    )} of 100 cases."),
                $this->clean === 0 && $this->under->condition !== null ? $this->notUnder() : '',
                $this->wanted($sound),
            ]),
        );
    }

    /** It came and went so seldom that a date to ask again tells more than starts do. */
    public function wantsADate(float $sound): bool
    {
        return $this->areCounted()
            && $this->failed + $this->toldFailed < $this->started + $this->told
            && ($this->more($sound) === null || $this->byLuck() > $this->risk);
    }

    /** @return list<string> an honest number in plain words, where it failed only now and then */
    public function forTheOwner(): array
    {
        if ($this->under->condition !== null && $this->clean === 0) {
            return [
                $this->acted
                    ? "Before, it failed only {$this->under->when()}. These starts were not made so: they do not show that it is put right."
                    : "As far as we know it fails only {$this->under->when()}. Our starts were not made so.",
            ];
        }
        if (! $this->areCounted() || $this->failed + $this->toldFailed === $this->started + $this->told || $this->clean === 0) {
            return [];
        }
        $counts = [];
        if ($this->told > 0) {
            $counts[] = "in {$this->toldFailed} of {$this->told} starts by your count";
        }
        if ($this->failed > 0) {
            $counts[] = "in {$this->failed} of {$this->starts($this->started)} here";
        }

        return [
            'Before, it failed '.implode(' and ', $counts).". Since our work it has not failed in {$this->starts($this->clean)}.",
            ...$this->byLuck() > $this->risk ? ['That could still be luck. Please tell us if it comes back.'] : [],
        ];
    }

    /** It never ran as it came or has just failed again, and nothing was done since. */
    public function isUntouched(): bool
    {
        return ! $this->acted && ($this->fails || $this->failed === $this->started);
    }

    private function wanted(float $sound): string
    {
        $more = $this->more($sound);
        $accepted = "at most {$this->inHundred($this->risk)} in 100 that it comes back";

        return match (true) {
            $this->isUntouched() && $this->failed > 0 => 'Nothing was done since it last failed: starts show nothing of a repair yet.',
            $more === 0 => "That is enough for what the shop accepts: {$accepted}.",
            $more === null && $sound < 0.5 => 'It is more likely not put right yet, and starts alone do not change that.',
            $more === null => 'It came too seldom for starts alone: agree on a date to ask again.',
            default => "{$more} more clean ".
                ($more === 1 ? 'start' : 'starts').
                ($this->under->start() === '' ? '' : ", {$this->under->start()},").
                ($more === 1 ? ' is' : ' are').
                " wanted for what the shop accepts: {$accepted}.",
        };
    }

    private function before(): string
    {
        $counts = [];
        if ($this->started > 0) {
            $counts[] = "{$this->failed} of {$this->starts($this->started)} on the bench";
        }
        if ($this->told > 0) {
            $counts[] = "{$this->toldFailed} of {$this->told} by its owner's count";
        }

        return 'Before, '.implode(' and ', $counts).' failed';
    }

    private function notUnder(): string
    {
        return "So far it failed only {$this->under->when()}, as told or seen: starts that were not made so say nothing of it.";
    }

    private function starts(int $count): string
    {
        return "{$count} ".($this->under->start() === '' ? '' : "{$this->under->start()} ").($count === 1 ? 'start' : 'starts');
    }

    private function inHundred(float $share): string
    {
        return $share >= 0.01 ? (string) (int) round(100 * $share) : 'under 1';
    }

    /**
     * Whether a start is one as it goes: with its own parts, by its button, with nothing attached. What was only moved, slowed or started
     * by the pins out of its case for a trial is no such start before something was done; after that it may be how it goes back, or lies.
     */
    private static function counts(SetUp $setUp, FailsUnder $under, bool $acted): bool
    {
        $moved = $setUp->moved !== [] || $setUp->otherOutput || $setUp->otherDriver !== null || $setUp->lowClocks;
        $isAsItGoes = ! $moved && $setUp->startBy === StartBy::Button;

        return $setUp->lent === []
            && $setUp->out === []
            && $setUp->attached === []
            && ! $setUp->basicDriver
            && ($isAsItGoes || ($acted && self::mayGoBackSo($setUp)))
            && $under->covers($setUp);
    }

    /** Moved or slowed it may go back; by the pins it lies out of its case. */
    private static function mayGoBackSo(SetUp $setUp): bool
    {
        return $setUp->startBy === StartBy::Button || $setUp->place === Place::Bench;
    }

    private static function whole(Start $start, Catalogue $catalogue): int
    {
        $whole = 0;
        foreach ($start->outcomes as $reached => $times) {
            $whole += $catalogue->reach($reached)->firstStop === $catalogue->stageCount() ? $times : 0;
        }

        return $whole;
    }
}
