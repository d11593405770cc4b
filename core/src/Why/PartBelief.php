<?php

declare(strict_types=1);

namespace Orthoscope\Core\Why;

use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Replay;

/** How likely each of a machine's own parts is or was at fault, by one gone-through record. */
final readonly class PartBelief
{
    /** @param  array<string, float>  $of part => probability, 0 to 1 */
    private function __construct(public array $of)
    {
    }

    public static function by(Replay $replay): self
    {
        $own = array_filter($replay->model->modes->all, fn (Mode $mode): bool => $mode->spare === null);
        $had = $replay->belief->byGroup(array_map(fn (Mode $mode): string => $mode->part, $own))[0];
        $of = [];
        foreach (array_keys($replay->model->machine->parts) as $part) {
            $of[$part] = $had[$part] ?? 0.0;
        }

        return new self($of);
    }

    /** Half of what is moved between the parts, from 0 (the same) to 1 or more where several may be at fault. */
    public function awayFrom(self $other): float
    {
        $moved = 0.0;
        foreach ($this->of as $part => $p) {
            $moved += abs($p - ($other->of[$part] ?? 0.0));
        }

        return $moved / 2;
    }

    /** The part that is likeliest at fault. */
    public function first(): string
    {
        $likeliest = $this->of;
        arsort($likeliest);

        return (string) array_key_first($likeliest);
    }
}
