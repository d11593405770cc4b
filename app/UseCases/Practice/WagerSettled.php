<?php

declare(strict_types=1);

namespace App\UseCases\Practice;

use App\Models\Wager;

/** A guess whose job is closed with its cause known. */
final readonly class WagerSettled
{
    /**
     * @param  string  $part    that was at fault
     * @param  float  $person  Brier's score of the guess: 0 = knew it
     * @param  float  $adviser the same of the adviser, on the same record
     */
    public function __construct(public Wager $wager, public string $part, public float $person, public float $adviser)
    {
    }
}
