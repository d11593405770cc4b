<?php

declare(strict_types=1);

namespace Orthoscope\Core\Proving;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Deed;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Statistics\Binomial;

/**
 * What clean starts after a repair are worth, by how often it failed before: one that failed in two of ten may well start six times
 * in a row by luck. The rate before is not known but from those starts, so it is taken as spread by Jeffreys' rule over what they allow.
 */
final readonly class CleanStarts
{
    /** More are never asked; what comes every few months needs dates and not starts. Origin: judgement. */
    private const MOST = 60;

    /** The chance that is left outside the upper bound of the rate. */
    private const TAIL = 0.05;

    /**
     * @param  int  $failed  starts that failed before the last act, 0 to `started`
     * @param  int  $started starts before it with the machine's own parts in
     * @param  int  $clean   clean starts since
     * @param  int  $told    how many of `started` its owner counted at home
     */
    private function __construct(public int $failed, public int $started, public int $clean, public int $told = 0)
    {
    }

    public static function of(int $failed, int $started, int $clean): self
    {
        return new self(min($failed, $started), $started, $clean);
    }

    /**
     * By the record: starts before the last act that changed the machine, and those since. Where the bench never saw it fail, what its
     * owner counted at home stands beside them.
     */
    public static function in(Record $record, Catalogue $catalogue): self
    {
        $failed = $started = $clean = 0;
        $acted = false;
        foreach ($record->inForce as $entry) {
            if ($entry instanceof Deed && ! $entry->begun) {
                $acted = true;
                // Clean starts before a further act say nothing of what came after it.
                $started += $clean;
                $clean = 0;
            }
            if (! $entry instanceof Start || $entry->setUp->lent !== [] || $entry->setUp->out !== []) {
                continue;
            }
            $whole = 0;
            foreach ($entry->outcomes as $reached => $times) {
                $whole += $catalogue->reach($reached)->firstStop === $catalogue->stageCount() ? $times : 0;
            }
            if ($whole < $entry->times) {
                $failed += $entry->times - $whole;
                $started += $entry->times + $clean;
                $clean = 0;
            } elseif ($acted) {
                $clean += $entry->times;
            } else {
                $started += $entry->times;
            }
        }

        $manner = $failed === 0 ? Circumstances::manner($record, $catalogue) : null;

        return new self($failed + ($manner->failed ?? 0), $started + ($manner->of ?? 0), $clean, $manner->of ?? 0);
    }

    /** Chance of so many clean starts in a row if nothing is cured: the mean of (1 - p)^m over what the starts before allow of p. */
    public function byLuck(?int $clean = null): float
    {
        $luck = 1.0;
        $failing = $this->failed + 0.5;
        $passing = $this->started - $this->failed + 0.5;
        for ($i = 0; $i < ($clean ?? $this->clean); $i++) {
            $luck *= ($passing + $i) / ($failing + $passing + $i);
        }

        return $luck;
    }

    /** The rate of failures that is exceeded now with one chance in twenty at most (Clopper & Pearson 1934, one side); 1 before the first clean start. */
    public function rateAtMost(): float
    {
        return $this->clean === 0 ? 1.0 : Binomial::of(0, $this->clean)->upper(self::TAIL);
    }

    /**
     * How many more clean starts bring the belief up to a level.
     *
     * @param  float  $sound belief now that it is sound, over 0 to 1
     * @param  float  $level belief that is asked, under 1
     *
     * @return ?int 0 if it is there; null where more would be asked than starts can give
     */
    public function more(float $sound, float $level): ?int
    {
        for ($more = 0; $more <= self::MOST; $more++) {
            $left = (1.0 - $sound) * $this->byLuck($this->clean + $more) / $this->byLuck();
            if ($sound / ($sound + $left) >= $level) {
                return $more;
            }
        }

        return null;
    }

    /** @return list<string> one sentence for each thing that can be said */
    public function sentences(float $sound, float $level): array
    {
        if ($this->failed === 0) {
            return [];
        }
        $more = $this->more($sound, $level);

        return [
            "Before, {$this->failed} of {$this->started} starts failed".($this->told === 0 ? '' : ", {$this->told} of them counted by the owner").($this->clean === 0 ? '.' : sprintf('; since, %d went well. Were it not cured, that would come by luck with %s %%; at most %d %% of starts fail now.', $this->clean, $this->percent($this->byLuck()), (int) ceil(100 * $this->rateAtMost()))),
            match (true) {
                $more === 0 => 'That is enough.',
                $more === null && $sound < 0.5 => 'It is more likely not put right yet, and starts alone do not change that.',
                $more === null => 'It came too seldom for starts alone: agree on a date to ask again.',
                default => "{$more} more clean ".($more === 1 ? 'start is' : 'starts are').' wanted.',
            },
        ];
    }

    /** It came and went so seldom that a date to ask again tells more than starts do. */
    public function wantsADate(float $sound, float $level): bool
    {
        return $this->failed > 0 && $this->failed < $this->started && ($this->more($sound, $level) === null || $this->byLuck() >= 0.05);
    }

    /** @return list<string> an honest number in plain words, where it failed only now and then */
    public function forTheOwner(): array
    {
        return $this->failed === 0 || $this->failed === $this->started || $this->clean === 0 ? [] : [
            'Before, '.($this->told === 0 ? '' : 'by your count'.($this->started > $this->told ? ' and ours' : '').', ')."it failed in {$this->failed} of {$this->started} starts. Since our work it has not failed in {$this->clean}.",
            ...($this->byLuck() >= 0.05 ? ['That could still be luck. Please tell us if it comes back.'] : []),
        ];
    }

    private function percent(float $share): string
    {
        return $share >= 0.01 ? (string) (int) round(100 * $share) : 'under 1';
    }
}
