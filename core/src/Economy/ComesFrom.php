<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

/** Where the part of a way on comes from: an offer of a supplier, a spare of the shelf, or neither where nobody has looked. */
final readonly class ComesFrom
{
    /**
     * @param  ?string  $offer of a supplier
     * @param  ?string  $spare tag of one on the shelf
     * @param  array<string, string>  $facts of the part that goes in, as far as known
     */
    public function __construct(public ?string $offer = null, public ?string $spare = null, public array $facts = [])
    {
    }
}
