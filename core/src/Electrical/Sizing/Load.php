<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical\Sizing;

/** A part that draws power; `Draws` makes them. */
final readonly class Load
{
    /** @param  array<string, int>  $plugs plugs it needs */
    private function __construct(
        public string $name,
        public float $watts,
        public float $share12,
        public float $peak,
        public array $plugs,
    ) {
    }

    /**
     * @param  float  $watts  steady, at work
     * @param  float  $share12 share of it that comes from 12 V
     * @param  float  $peak   factor for short peaks
     * @param  array<string, int>  $plugs plugs it needs
     */
    public static function of(string $name, float $watts, float $share12, float $peak = 1.0, array $plugs = []): self
    {
        return new self($name, $watts, $share12, $peak, $plugs);
    }
}
