<?php

declare(strict_types=1);

namespace Orthoscope\Core\Proving;

use Orthoscope\Core\Bench\StillOff;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\FailsUnder;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Place;

/** How far a repair is proved: out of the case, then in the case by the real button, with nothing lent or left out. */
final readonly class Proof
{
    /**
     * @param  ?int  $outside entry of the first start that proves it out of the case, after the last act
     * @param  ?int  $inside  entry of the start that proves it in the case, after that
     * @param  float  $sound   belief that nothing is wrong now
     * @param  int  $clean   starts in a row, up to the last one, that got all the way
     * @param  bool  $isBelieved the belief and the clean starts leave no more risk than the shop accepts
     * @param  list<string>  $owed    what is still to do, in words; empty when proved
     * @param  string  $wanted what belief still wants, and what brings it there; empty where it wants nothing. It is among what is owed.
     * @param  list<StillOff>  $notBack what came off and is not back, which is among what is owed
     */
    private function __construct(
        public ?int $outside,
        public ?int $inside,
        public float $sound,
        public int $clean,
        public array $owed,
        public bool $isBelieved,
        public array $notBack,
        public string $wanted,
    ) {
    }

    public static function of(Record $record, Catalogue $catalogue, Replay $replay): self
    {
        // A part that came alone is proved in a good machine: there is no case of its own to go back into.
        $alone = $replay->model->machine->alone !== null;
        $sound = $replay->sound();
        $outside = $inside = null;
        $clean = 0;
        $lent = false;
        foreach ($record->inForce as $entry) {
            if ($entry instanceof ActDone && ! $entry->begun) {
                [$outside, $inside, $clean] = [null, null, 0];
            }
            if (! ($entry instanceof Start)) {
                continue;
            }
            $whole = $catalogue->reach($entry->reached)->firstStop === $catalogue->stageCount();
            $lent =
                $entry->setUp->lent !== []
                || $entry->setUp->out !== []
                || $entry->setUp->attached !== []
                || $entry->setUp->basicDriver
                || $entry->setUp->otherDriver !== null
                || $entry->setUp->lowClocks;
            if (! $whole) {
                [$outside, $inside, $clean] = [null, null, 0];
            } elseif (! $lent) {
                $clean += $entry->times;
                if ($alone) {
                    $outside ??= $entry->number;
                    $inside ??= $entry->number;
                } elseif ($entry->setUp->place === Place::Bench) {
                    $outside ??= $entry->number;
                } elseif ($outside !== null && $entry->setUp->startBy->value === 'button') {
                    $inside ??= $entry->number;
                }
            }
        }

        $notBack = StillOff::in($record, $catalogue);
        $off = array_map(fn (StillOff $one): string => "Not back yet: {$one->words()}.", $notBack);
        $starts = CleanStarts::in($record, $catalogue);
        $where = $alone
            ? ['A start in a known-good machine that stays up.', '']
            : ['A start out of the case that stays up.', 'Then one in the case, by the real button, that stays up.'];
        $missing = array_keys(array_filter([$where[0] => $outside === null, $where[1] => $inside === null && $where[1] !== '']));
        $wanted = self::wanted($clean > 0, $starts, FailsUnder::of($record, $catalogue)->condition, $replay, $catalogue);
        $back = $lent ? ['Spares back on the shelf, its own parts in, nothing attached, its own driver and clocks.'] : [];
        $owed = [...$off, ...$back, ...$missing, ...$wanted === '' ? [] : [$wanted]];
        $isBelieved = $sound >= 1.0 - $catalogue->number('comeback_risk') && (! $starts->areCounted() || $starts->more($sound) === 0);

        return new self($outside, $inside, $sound, $clean, $owed, $isBelieved, $notBack, $wanted);
    }

    public function isComplete(): bool
    {
        return $this->owed === [];
    }

    private static function wanted(bool $runs, CleanStarts $clean, ?string $under, Replay $replay, Catalogue $catalogue): string
    {
        $sound = $replay->sound();
        $asked = 1.0 - $catalogue->number('comeback_risk');
        if ($clean->areCounted() && $clean->more($sound) !== 0) {
            return array_slice($clean->sentences($sound), -1)[0];
        }

        return $sound >= $asked
            ? ''
            : sprintf(
                'Belief that it is sound is %d %%; %d %% is asked. %s',
                (int) floor(100 * $sound),
                (int) round(100 * $asked),
                match (true) {
                    $runs => self::wayThere($asked, $under, $replay, $catalogue),
                    $clean->isUntouched() => 'What is at fault is put right first.',
                    default => 'Clean starts raise it.',
                },
            );
    }

    private static function wayThere(float $asked, ?string $under, Replay $replay, Catalogue $catalogue): string
    {
        $tried = match ($under) {
            FailsUnder::COLD, FailsUnder::WARM => "Six {$under} starts",
            FailsUnder::LOAD, FailsUnder::HOURS => 'Two runs at work',
            default => 'Ten clean starts, or two runs at work,',
        };

        return WayToProve::to($asked, $replay, $catalogue, $under)?->sentence()
            ?? "{$tried} do not bring it there: look on, or agree on a date to ask again.";
    }
}
