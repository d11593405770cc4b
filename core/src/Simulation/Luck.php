<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Plain\Draw;

/**
 * The luck of a hidden machine: one stream as things come, or a stream of its own for every deed. By deed, the second start as it came
 * shows the same whoever makes it and whatever else was done before, so that two ways of working on one machine are compared with
 * common random numbers (Glasserman and Yao 1992).
 */
final class Luck
{
    /** @var array<string, int> deed => how often it was done */
    private array $done = [];

    private function __construct(private readonly ?Draw $stream, private readonly string $seed)
    {
    }

    public static function asItComes(Draw $stream): self
    {
        return new self($stream, '');
    }

    /** @param  string  $seed any words */
    public static function byDeed(string $seed): self
    {
        return new self(null, $seed);
    }

    /** @param  string  $deed names it among all that can be done to the machine */
    public function of(string $deed): Draw
    {
        $times = $this->done[$deed] = ($this->done[$deed] ?? 0) + 1;

        return $this->stream ?? Draw::from("{$this->seed} {$deed} {$times}");
    }
}
