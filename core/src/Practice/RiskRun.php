<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

/** A risk that was run: with a machine, a spare or a person. */
final readonly class RiskRun
{
    /**
     * @param  bool  $grave somebody or something dear could have come to harm
     * @param  int  $money what it cost, or was likely to: minor units
     */
    private function __construct(public string $words, public bool $grave, public int $money)
    {
    }

    public static function powered(string $lock, string $sentence): self
    {
        return new self("Power went on while locked ({$lock}): {$sentence}", true, 0);
    }

    public static function lentToUntested(string $part, float $harms, int $worth): self
    {
        $percent = (int) round(100 * $harms);
        $then = $percent === 0 ? 'This time nothing in it would have harmed the spare.' : "Here the chance to lose it was {$percent} %.";

        return new self("A good {$part} went on a supply that nothing had tested. {$then}", $percent > 0, (int) round($harms * $worth));
    }

    public static function boughtUnproved(string $part, int $percent): self
    {
        return new self("{$part} was bought though the record did not condemn it: it stood at {$percent} %.", false, 0);
    }

    public static function boughtGood(string $part, int $price): self
    {
        return new self("{$part} was bought and had been good.", false, $price);
    }
}
