<?php

declare(strict_types=1);

namespace Orthoscope\Core\Proving;

use Orthoscope\Core\Bench\StillOff;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\FailsUnder;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;

/**
 * How far a repair is proved: out of the case where it is out of it, then in the case by the real button, with nothing lent or left out.
 */
final readonly class Proof
{
    /**
     * @param  ?int  $outside entry of the first start that proves it out of the case, after the last act
     * @param  ?int  $inside  entry of the start that proves it in the case, after that
     * @param  list<PlaceToProve>  $places where it is to be proved, in their order
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
        public array $places,
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
        $since = StartsSinceWork::in($record, $replay->model->machine, $catalogue);
        $notBack = StillOff::in($record, $catalogue);
        $off = array_map(fn (StillOff $one): string => "Not back yet: {$one->words()}.", $notBack);
        $starts = CleanStarts::in($record, $catalogue);
        $places = PlaceToProve::all($since, $replay->model->machine);
        $missing = array_map(fn (PlaceToProve $place): string => $place->owed, PlaceToProve::open($places));
        $wanted = self::wanted($since->clean > 0, $starts, $starts->under->condition, $replay, $catalogue);
        $back = $since->helped ? ['Spares back on the shelf, its own parts in, nothing attached, its own driver and clocks.'] : [];
        $owed = [...$off, ...$back, ...$missing, ...$wanted === '' ? [] : [$wanted]];
        $sound = $replay->sound();
        $isBelieved = $sound >= 1.0 - $catalogue->number('comeback_risk') && (! $starts->areCounted() || $starts->more($sound) === 0);

        return new self($since->outside, $since->inside, $places, $sound, $since->clean, $owed, $isBelieved, $notBack, $wanted);
    }

    /** Where the next start is to prove it; null where it is proved everywhere. */
    public function nextPlace(): ?PlaceToProve
    {
        return PlaceToProve::open($this->places)[0] ?? null;
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
