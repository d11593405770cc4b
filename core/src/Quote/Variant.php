<?php

declare(strict_types=1);

namespace Orthoscope\Core\Quote;

use Orthoscope\Core\Plain\Money;
use Orthoscope\Core\Plain\Row;

/** One of the things the owner can choose, with its lines and what it adds up to. Tax is worked out on the sum, or on each line. */
final readonly class Variant
{
    /**
     * @param  string  $id       letter it goes by, "A", "B", "C"
     * @param  list<QuoteLine>  $lines
     * @param  string  $promise  what it gives, in plain words
     * @param  string  $limits   what it does not give, in plain words; empty if nothing
     * @param  list<string>  $options  options of the decision it was made from
     * @param  int  $tax      hundredths of a per cent
     * @param  array{int, int}  $days     until it is done, from and to
     * @param  bool  $taxPerLine half a minor unit of tax goes up on each line, and not once on the sum
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $lines,
        public string $promise,
        public string $limits,
        public array $options,
        public int $tax,
        public array $days,
        public int $warrantyMonths,
        public bool $taxPerLine = false,
    ) {
        if ($lines === []) {
            throw UnusableQuote::because("\"{$name}\" has no line; add one, or leave it out.");
        }
        if ($this->total()->minor > Money::MOST) {
            throw UnusableQuote::because("\"{$name}\" adds up to more than a repair can cost; check the points.");
        }
    }

    public function net(): Money
    {
        return array_reduce($this->lines, fn (Money $sum, QuoteLine $line): Money => $sum->plus($line->net()), Money::of(0));
    }

    public function tax(): Money
    {
        return $this->taxPerLine
            ? array_reduce(
                $this->lines,
                fn (Money $sum, QuoteLine $line): Money => $sum->plus($line->net()->share($this->tax)),
                Money::of(0),
            )
            : $this->net()->share($this->tax);
    }

    public function total(): Money
    {
        return $this->net()->plus($this->tax());
    }

    /**
     * What each line costs with its tax; together they are the total to the cent.
     *
     * @return list<Money>
     */
    public function gross(): array
    {
        if ($this->taxPerLine) {
            return array_map(fn (QuoteLine $line): Money => $line->net()->plus($line->net()->share($this->tax)), $this->lines);
        }
        $net = array_map(fn (QuoteLine $line): int => $line->net()->minor, $this->lines);

        return array_sum($net) === 0 ? array_map(fn (): Money => Money::of(0), $this->lines) : array_values($this->total()->split($net));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'lines' => array_map(fn (QuoteLine $line): array => $line->toArray(), $this->lines),
            'promise' => $this->promise,
            'limits' => $this->limits,
            'options' => $this->options,
            'tax' => $this->tax,
            'days' => $this->days,
            'warranty' => $this->warrantyMonths,
            // What was quoted before there was a choice says nothing of it.
            ...$this->taxPerLine ? ['tax_per_line' => true] : [],
        ];
    }

    /** As it was kept. */
    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            lines: array_map(QuoteLine::fromRow(...), $row->rows('lines')),
            promise: $row->text('promise'),
            limits: $row->text('limits'),
            options: $row->texts('options'),
            tax: $row->whole('tax'),
            days: $row->range('days'),
            warrantyMonths: $row->whole('warranty'),
            taxPerLine: $row->flag('tax_per_line'),
        );
    }
}
