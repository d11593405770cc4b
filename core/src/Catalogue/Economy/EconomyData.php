<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Plain\Row;

/** What ways on cost beside the price of parts and the minutes of acts; `core/catalogue/economy.yaml`. */
final readonly class EconomyData
{
    /**
     * @param  array<string, Source>  $sources
     * @param  array<string, Way>  $ways
     * @param  array<string, EndOfWork>  $ends
     * @param  array<string, float>  $worth share of the new price of its parts that a machine is worth, by age
     * @param  float  $labour  minor units of money that an owner pays for a bench minute
     * @param  int  $day     minor units of money that a day of waiting costs an owner
     * @param  float  $years   years that comebacks count
     * @param  int  $redo    bench minutes of a comeback
     * @param  float  $within  share of courses within the range that is told
     * @param  list<Effect>  $effects
     * @param  array<string, mixed>  $offered way, source or end => false where the shop does not offer it
     * @param  array<string, float>  $ahead bench minutes a job still takes, by what it waits for
     * @param  ?int  $findingFixed what finding the fault costs whatever time it takes, minor units before tax; null = by the minute
     * @param  ?int  $keepData what keeping data safe costs, minor units before tax; null = it is not offered as a line
     * @param  int  $tax     hundredths of a per cent
     * @param  bool  $taxPerLine tax is rounded on each line, and not once on the sum
     */
    private function __construct(
        public array $sources,
        public array $ways,
        public Platform $platform,
        public ClaimTerms $claim,
        public array $ends,
        public array $worth,
        public float $labour,
        public int $day,
        public float $years,
        public int $redo,
        public float $within,
        public array $effects,
        public int $tax,
        public bool $taxPerLine,
        public DepositTerms $deposit,
        public int $validDays,
        public RefurbishTerms $refurbish,
        public Currency $currency,
        private array $offered,
        public ?int $findingFixed,
        public ?int $keepData,
        public StorageTerms $storage,
        public array $ahead,
    ) {
    }

    public static function fromFile(Row $file): self
    {
        return new self(
            sources: array_column(array_map(Source::fromRow(...), $file->rows('sources')), null, 'id'),
            ways: array_column(array_map(Way::fromRow(...), $file->rows('ways')), null, 'id'),
            platform: Platform::fromRow($file->row('platform')),
            claim: ClaimTerms::fromRow($file->row('claim')),
            ends: array_column(array_map(EndOfWork::fromRow(...), $file->rows('ends')), null, 'id'),
            worth: $file->numberByName('worth'),
            labour: $file->number('labour'),
            day: $file->whole('day'),
            years: $file->number('years'),
            redo: $file->whole('redo'),
            within: $file->number('within'),
            effects: array_map(Effect::fromRow(...), $file->rows('effects')),
            tax: $file->whole('tax'),
            taxPerLine: $file->flag('tax_per_line'),
            deposit: DepositTerms::fromRow($file->row('deposit')),
            validDays: $file->whole('valid_days'),
            refurbish: RefurbishTerms::fromRow($file->row('refurbish')),
            currency: Currency::fromRow($file->row('currency')),
            offered: $file->row('offered')->all(),
            findingFixed: $file->wholeOrNull('finding'),
            keepData: $file->wholeOrNull('keep_data'),
            storage: StorageTerms::fromRow($file->row('storage')),
            ahead: $file->numberByName('ahead'),
        );
    }

    /** Whether the shop offers a way, a source of parts or an end of work. */
    public function offers(string $way): bool
    {
        return ($this->offered[$way] ?? true) !== false;
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
