<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Diagnosis\Replay;

/** Belief in which of the machine's own parts are at fault, as one question with many answers. */
final readonly class WhichParts
{
    /** What is believed less than this counts as this much: nothing is impossible to a belief that was cut off. */
    private const LEAST = 1e-6;

    /** @param  array<string, float>  $of parts joined by a blank => belief */
    public function __construct(public array $of)
    {
    }

    public static function by(Replay $replay): self
    {
        $of = [];
        foreach ($replay->belief->sets() as [$modes, $p]) {
            $parts = [];
            foreach ($modes as $i) {
                $mode = $replay->model->modes->all[$i];
                if ($mode->spare === null) {
                    $parts[$mode->part] = true;
                }
            }
            ksort($parts);
            $key = implode(' ', array_keys($parts));
            $of[$key] = ($of[$key] ?? 0.0) + $p;
        }

        return new self($of);
    }

    /**
     * What was learned on the way from one belief to the next, in bits: the divergence of Kullback and Leibler (1951), which is the
     * information in an observation where the second is the first after seeing it.
     */
    public function bitsSince(self $before): float
    {
        $bits = 0.0;
        foreach ($this->of as $parts => $p) {
            $bits += $p <= 0.0 ? 0.0 : $p * log($p / max(self::LEAST, $before->of[$parts] ?? 0.0), 2);
        }

        return max(0.0, $bits);
    }
}
