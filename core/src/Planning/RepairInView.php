<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\PartStanding;

/** The repair that would come first if nothing more were tested, and how sure it is that it is needed. */
final readonly class RepairInView
{
    /**
     * @param  ?Repair  $repair null where no repair is in question
     * @param  float  $probability that it is needed, 0 to 1
     * @param  float  $stated the same as it is said: as surely as its part is
     * @param  bool  $comesNext it is so likely, or so cheap, that no test comes before it
     * @param  bool  $isSettled it is so likely that no test comes before it
     * @param  float  $decidedFrom chance under which it is not repaired where the machine runs without
     * @param  ?Repair  $likelier what is needed likelier than this one, which only comes first because it costs less
     * @param  float  $likelierStated how sure that is, as it is said
     * @param  float  $ofTheLikelier the same as it is believed
     */
    private function __construct(
        public ?Repair $repair,
        public float $probability,
        public float $stated,
        public bool $comesNext,
        public bool $isSettled,
        private float $decidedFrom,
        public ?Repair $likelier = null,
        public float $likelierStated = 0.0,
        private float $ofTheLikelier = 0.0,
    ) {
    }

    /**
     * @param  array<int, float>  $chances repair => chance that it is needed, likeliest first
     * @param  list<int>  $order of the repairs that is expected to cost least
     * @param  array<int, bool>  $outright repair => done without a test before it
     * @param  array<string, PartStanding>  $standings by part
     */
    public static function of(
        RepairNeeds $needs,
        array $chances,
        array $order,
        array $outright,
        array $standings,
        Catalogue $catalogue,
    ): self {
        $decidedFrom = $catalogue->number('decided_from');
        $likeliest = array_key_first($chances);
        $settled = $likeliest !== null && $chances[$likeliest] >= $catalogue->number('settled_from');
        $first = $settled ? $likeliest : $order[0] ?? null;

        if ($first === null) {
            return new self(null, 0.0, 0.0, false, false, $decidedFrom);
        }
        $repair = $needs->repairs[$first];
        $chance = $chances[$first] ?? 0.0;
        [$likelier, $ofThat] = self::likelier($needs, $chances, $chance);

        return new self(
            $repair,
            $chance,
            self::stated($repair, $chance, $standings),
            $settled || $outright[$first],
            $settled,
            $decidedFrom,
            $likelier,
            $likelier === null ? 0.0 : self::stated($likelier, $ofThat, $standings),
            $ofThat,
        );
    }

    /**
     * @param  array<int, float>  $chances repair => chance that it is needed, likeliest first
     *
     * @return array{?Repair, float} and its chance
     */
    private static function likelier(RepairNeeds $needs, array $chances, float $than): array
    {
        foreach (array_slice($chances, 0, 1, true) as $number => $chance) {
            if ($chance > $than && ! $needs->repairs[$number]->endsIt()) {
                return [$needs->repairs[$number], $chance];
            }
        }

        return [null, 0.0];
    }

    /** @param  array<string, PartStanding>  $standings by part */
    private static function stated(Repair $repair, float $chance, array $standings): float
    {
        return ($standings[$repair->part->id] ?? null)?->share($chance) ?? $chance;
    }

    /** What is needed likelier than this one, if it is likely enough to be done to a machine that runs. */
    public function likelierToBeDecided(): ?Repair
    {
        return $this->ofTheLikelier < $this->decidedFrom ? null : $this->likelier;
    }

    /** Whether a part would be bought, or the machine handed on, on too little to do it to one that runs; and nothing is likelier. */
    public function isUnlikely(): bool
    {
        $isDear = $this->repair === null || $this->repair->endsIt() || $this->repair->act->buysPart;

        return $isDear && max($this->probability, $this->ofTheLikelier) < $this->decidedFrom;
    }
}
