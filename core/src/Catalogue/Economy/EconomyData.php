<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

/** What ways on cost beside the price of parts and the minutes of acts; `core/catalogue/economy.yaml`. */
final readonly class EconomyData
{
    /**
     * @param  array<string, Source>  $sources
     * @param  array<string, Way>  $ways
     * @param  array<string, mixed>  $platform
     * @param  array<string, mixed>  $claim
     * @param  array<string, array<string, mixed>>  $ends
     * @param  array<string, float>  $worth share of the new price of its parts that a machine is worth, by age
     * @param  int  $day     minor units of money that a day of waiting costs an owner
     * @param  float  $years   years that comebacks count
     * @param  int  $redo    bench minutes of a comeback
     * @param  float  $within  share of courses within the range that is told
     * @param  list<array{part: string, says: string}>  $effects
     * @param  int  $tax     hundredths of a per cent
     * @param  array{from: int, share: int}  $deposit
     * @param  array{whole: float, part: float, unproved: float, ready: int, take_out: int, warranty: int, comeback: float}  $refurbish
     */
    private function __construct(
        public array $sources,
        public array $ways,
        public array $platform,
        public array $claim,
        public array $ends,
        public array $worth,
        public int $day,
        public float $years,
        public int $redo,
        public float $within,
        public array $effects,
        public int $tax,
        public array $deposit,
        public int $validDays,
        public array $refurbish,
    ) {
    }

    /** @param  array<string, mixed>  $file */
    public static function fromFile(array $file): self
    {
        return new self(
            array_column(array_map(Source::fromArray(...), $file['sources']), null, 'id'),
            array_column(array_map(Way::fromArray(...), $file['ways']), null, 'id'),
            $file['platform'], $file['claim'], array_column($file['ends'], null, 'id'), $file['worth'],
            $file['day'], (float) $file['years'], $file['redo'], (float) $file['within'], $file['effects'], $file['tax'], $file['deposit'], $file['valid_days'], $file['refurbish'],
        );
    }

    /** The way on that an act belongs to; null for one that buys a part or ends the work. */
    public function wayOf(string $act): ?Way
    {
        foreach ($this->ways as $way) {
            if (in_array($act, $way->acts, true)) {
                return $way;
            }
        }

        return null;
    }
}
