<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

/** What a job waits for from outside: an answer of its owner, a part on its way, a spare that nobody has. */
final readonly class Awaited
{
    /**
     * @param  ?string  $part what is on its way
     * @param  ?string  $parked what would be done once a spare comes that nobody has
     * @param  ?string  $spareHere tag of the spare that came for it
     */
    public function __construct(
        public bool $answer = false,
        public ?string $part = null,
        public ?string $parked = null,
        public ?string $spareHere = null,
    ) {
    }

    public function words(): ?string
    {
        return match (true) {
            $this->answer => 'Answer to the quote',
            $this->part !== null => $this->part,
            $this->spareHere !== null => "{$this->spareHere} is here",
            $this->parked !== null => "Waits for a spare: {$this->parked}",
            default => null,
        };
    }
}
