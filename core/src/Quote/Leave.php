<?php

declare(strict_types=1);

namespace Orthoscope\Core\Quote;

use Orthoscope\Core\Plain\Currency;

/** What the owner gave leave to spend: by a limit at intake, or by accepting a quote. */
final readonly class Leave
{
    /**
     * @param  ?int  $limit    minor units agreed at intake; null = ask before anything is spent
     * @param  ?int  $accepted total of the accepted quote, minor units; null = none was accepted
     */
    public function __construct(public ?int $limit, public ?int $accepted)
    {
    }

    /** The most that may be spent without asking again; null where nothing was agreed. */
    public function most(): ?int
    {
        return $this->limit === null && $this->accepted === null ? null : max((int) $this->limit, (int) $this->accepted);
    }

    public function covers(int $minor): bool
    {
        return $minor <= (int) $this->most();
    }

    /** What keeps an amount from being spent, in one sentence; null where nothing does. */
    public function against(int $minor, Currency $currency): ?string
    {
        return match (true) {
            $this->covers($minor) => null,
            $this->most() === null => "The owner is asked before anything is spent, and {$currency->words(
                $minor,
            )} would be: send a quote first.",
            default => "{$currency->words($minor)} is more than the {$currency->words((int) $this->most())} the owner ".
                'agreed to: send a quote first.',
        };
    }
}
