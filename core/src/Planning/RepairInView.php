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
     * @param  ?RepairChance  $likelier what is needed likelier than this one, which only comes first because it costs less
     */
    private function __construct(
        public ?Repair $repair,
        public float $probability,
        public float $stated,
        public bool $comesNext,
        public bool $isSettled,
        private float $decidedFrom,
        public ?RepairChance $likelier = null,
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

        return new self(
            $repair,
            $chance,
            self::stated($repair, $chance, $standings),
            $settled || $outright[$first],
            $settled,
            $decidedFrom,
            self::likelier($needs, $chances, $chance, $standings),
        );
    }

    /**
     * @param  array<int, float>  $chances repair => chance that it is needed, likeliest first
     * @param  array<string, PartStanding>  $standings by part
     */
    private static function likelier(RepairNeeds $needs, array $chances, float $than, array $standings): ?RepairChance
    {
        $likeliest = array_key_first($chances);
        if ($likeliest === null || $chances[$likeliest] <= $than || $needs->repairs[$likeliest]->endsIt()) {
            return null;
        }
        $repair = $needs->repairs[$likeliest];

        return new RepairChance($repair, $chances[$likeliest], self::stated($repair, $chances[$likeliest], $standings));
    }

    /** @param  array<string, PartStanding>  $standings by part */
    private static function stated(Repair $repair, float $chance, array $standings): float
    {
        return ($standings[$repair->part->id] ?? null)?->share($chance) ?? $chance;
    }

    /** What is needed likelier than this one, if it is likely enough to be done to a machine that runs. */
    public function likelierToBeDecided(): ?RepairChance
    {
        return ($this->likelier->probability ?? 0.0) >= $this->decidedFrom ? $this->likelier : null;
    }

    /** Whether a part would be bought, or the machine handed on, on too little to do it to one that runs; and nothing is likelier. */
    public function isUnlikely(): bool
    {
        $isDear = $this->repair === null || $this->repair->endsIt() || $this->repair->act->buysPart;

        return $isDear && $this->probability < $this->decidedFrom && $this->likelierToBeDecided() === null;
    }
}
