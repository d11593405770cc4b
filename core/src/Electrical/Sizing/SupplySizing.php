<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical\Sizing;

/** Whether a power supply is large enough for the parts fitted: in all, on 12 V, for short peaks, and by its plugs. */
final readonly class SupplySizing
{
    /** Share of what the label says from which it is tight. Origin: common practice, no source. */
    public const TIGHT_FROM = 0.8;

    /**
     * @param  float  $watts   steady, of all parts
     * @param  float  $amps12  steady, on 12 V
     * @param  float  $peak12  amperes on 12 V in a short peak of every part at once
     * @param  list<string>  $missing plugs that are needed and not there
     * @param  list<string>  $sentences what it comes to
     */
    private function __construct(
        public float $watts,
        public float $amps12,
        public float $peak12,
        public array $missing,
        public bool $tooSmall,
        public bool $tight,
        public array $sentences,
    ) {
    }

    /** @param  list<Load>  $loads */
    public static function of(SupplyUnit $unit, array $loads): self
    {
        $watts = array_sum(array_map(fn (Load $load): float => $load->watts, $loads));
        $watts12 = array_sum(array_map(fn (Load $load): float => $load->watts * $load->share12, $loads));
        $peak12 = array_sum(array_map(fn (Load $load): float => $load->watts * $load->share12 * $load->peak, $loads));
        $missing = self::missing($unit, $loads);
        $over = [
            'all parts at work' => [$watts, $unit->watts],
            'all parts at work, on 12 V' => [$watts12, $unit->watts12()],
            'a short peak, on 12 V' => [$peak12, $unit->watts12()],
        ];
        $sentences = [];
        foreach ($over as $what => [$draw, $limit]) {
            $sentences[] = sprintf('%s: %.0f of %.0f W, %.0f %%.', ucfirst($what), $draw, $limit, (100 * $draw) / $limit);
        }
        foreach ($missing as $plug) {
            $sentences[] = "It lacks a {$plug} plug that the card needs.";
        }
        $tooSmall = $missing !== [] || array_filter($over, fn (array $one): bool => $one[0] > $one[1]) !== [];

        return new self(
            $watts,
            $watts12 / 12.0,
            $peak12 / 12.0,
            $missing,
            $tooSmall,
            ! $tooSmall && max($watts / $unit->watts, $watts12 / $unit->watts12()) > self::TIGHT_FROM,
            $sentences,
        );
    }

    /**
     * @param  list<Load>  $loads
     *
     * @return list<string> one for each plug that is missing
     */
    private static function missing(SupplyUnit $unit, array $loads): array
    {
        $missing = [];
        foreach ($loads as $load) {
            foreach ($load->plugs as $plug => $needed) {
                array_push($missing, ...array_fill(0, max(0, $needed - ($unit->plugs[$plug] ?? 0)), (string) $plug));
            }
        }

        return $missing;
    }
}
