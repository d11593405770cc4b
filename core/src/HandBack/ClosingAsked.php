<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Evidence\Closing;

/** How somebody wants to close a job. */
final readonly class ClosingAsked
{
    /**
     * @param  string  $outcome one of Closing::OUTCOMES
     * @param  string  $signedOff why it goes back before all is proved; empty where nobody says
     * @param  int  $price minor units of money
     * @param  bool  $agreed it is written how the owner agreed to the price
     * @param  bool  $byLead a lead closes it
     * @param  int  $warrantyMonths promised with it
     * @param  list<string>  $lent tags of spares that are still with it
     */
    public function __construct(
        public string $outcome,
        public string $signedOff,
        public int $price,
        public bool $agreed,
        public bool $byLead,
        public array $lent = [],
        public int $warrantyMonths = 0,
    ) {
        assert(isset(Closing::OUTCOMES[$outcome]));
    }
}
