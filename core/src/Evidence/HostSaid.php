<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** What else is known of the machine a part was tried in: a host has parts and seats of its own, and may refuse what is good. */
final readonly class HostSaid
{
    /** Whether it ran with its own part back afterwards. */
    public const OWN = ['runs' => true, 'fails' => false];

    /**
     * @param  ?bool  $own   it ran with its own part back afterwards; null where nobody tried
     * @param  bool  $again the part was seated there once more, with the same result
     * @param  bool  $sameBoard its board is of the same model as the machine's
     */
    public function __construct(public ?bool $own = null, public bool $again = false, public bool $sameBoard = false)
    {
    }

    public static function written(Written $host): self
    {
        $own = $host->oneOfOrNull('answer', 'own', array_keys(self::OWN));

        return new self(
            own: $own === null ? null : self::OWN[$own],
            again: $host->flag('again'),
            sameBoard: $host->flag('same_board'),
        );
    }

    public function words(): string
    {
        return implode(', ', array_filter([
            match ($this->own) {
                true => 'ran with its own part back',
                false => 'failed with its own part too',
                null => '',
            },
            $this->again ? 'seated there once more' : '',
            $this->sameBoard ? 'a board of the same model' : '',
        ]));
    }
}
