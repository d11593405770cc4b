<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

/** How far a start got, as far as a person can see it: a range of stages that may be the one not reached. */
final readonly class Reach
{
    /**
     * @param  int  $firstStop lowest stage index that can be the one not reached
     * @param  int  $lastStop  highest; the number of stages stands for "none, it went all the way"
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $plain,
        public string $key,
        public int $firstStop,
        public int $lastStop,
    ) {
    }

    public function covers(int $stop): bool
    {
        return $stop >= $this->firstStop && $stop <= $this->lastStop;
    }

    /** A range that other reaches split more finely. */
    public function isOpenEnded(): bool
    {
        return $this->id === 'picture';
    }
}
