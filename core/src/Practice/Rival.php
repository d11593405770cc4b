<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

/** Another way of working, on the same machine with the same luck: from the owner's words to a machine that was handed back. */
final readonly class Rival
{
    /**
     * @param  bool  $right  handed back sound the first time, with nothing good bought
     * @param  int  $minutes bench minutes, with repairs and proof
     * @param  list<string>  $goodBought parts that were bought and had been good
     */
    public function __construct(public string $name, public bool $right, public int $minutes, public array $goodBought)
    {
    }

    /** How it ended, in words. */
    public function end(): string
    {
        return match (true) {
            $this->right => 'mended it',
            $this->goodBought === [] => 'did not mend it',
            default => 'bought a good '.implode(', ', $this->goodBought),
        };
    }
}
