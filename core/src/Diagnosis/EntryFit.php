<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/**
 * How likely one entry is under each fault alone, and how often each lets what comes after it be seen. Two faults together
 * then give: the earlier one, and where it lets pass, the later one instead of nothing at all.
 */
final readonly class EntryFit
{
    /** Likelihoods are taken to be no less: any entry may be wrong. */
    private const LEAST = 1e-7;

    /**
     * @param  float  $none likelihood with nothing wrong
     * @param  array<int, float>  $of   fault => likelihood; as with nothing wrong where it is left out
     * @param  array<int, float>  $past fault => share in which it lets later ones show, 0 to 1; always where it is left out
     */
    private function __construct(public float $none, public array $of, public array $past)
    {
    }

    /**
     * What an entry was worth, from belief just before and after it.
     *
     * @param  ?array<int, float>  $hazards fault => share of such starts it stops; null if the entry is of no single start
     */
    public static function between(Belief $before, Belief $after, ?array $hazards): self
    {
        [$was, $alive] = $before->alone();
        [$is] = $after->alone();
        $scale = exp($after->logEvidence - $before->logEvidence);
        $of = $stops = [];
        foreach ($was as $fault => $weight) {
            $of[$fault] = $weight > 0.0 ? min(1.0, (($is[$fault] ?? 0.0) * $scale) / $weight) : 0.0;
            $stops[$fault] = ($hazards[$fault] ?? 0.0) * $alive[$fault];
        }
        $none = $of[Belief::NONE] ?? 0.0;
        unset($of[Belief::NONE], $stops[Belief::NONE]);

        return self::of($none, $of, $hazards === null ? null : $stops);
    }

    /**
     * @param  array<int, float>  $of fault => likelihood
     * @param  ?array<int, float>  $stops fault => share in which it ends what was done; null if faults show independently of each other
     */
    public static function of(float $none, array $of, ?array $stops): self
    {
        $none = round(max(self::LEAST, $none), 7);
        $past = [];
        foreach ($of as $fault => $likelihood) {
            $of[$fault] = $likelihood = round(max(self::LEAST, $likelihood), 7);
            $lets = round(match (true) {
                $stops !== null => 1.0 - ($stops[$fault] ?? 0.0),
                $likelihood <= $none => $likelihood / $none,
                default => 1.0 - min(1.0, $likelihood),
            }, 4);
            if ($likelihood === $none) {
                unset($of[$fault]);
            }
            if ($lets < 1.0) {
                $past[$fault] = $lets;
            }
        }

        return new self($none, $of, $past);
    }

    /** Likelihood under the fault that explains the entry best, or under none. */
    public function best(): float
    {
        return max([$this->none, ...array_values($this->of)]);
    }

    /** @return array{float, array{string, string}, array{string, string}} as plain data, to be kept */
    public function kept(): array
    {
        return [$this->none, Packed::ofMap($this->of), Packed::ofMap($this->past)];
    }

    /** @param  array{float, array{string, string}, array{string, string}}  $kept */
    public static function fromKept(array $kept): self
    {
        return new self($kept[0], Packed::map($kept[1]), Packed::map($kept[2]));
    }
}
