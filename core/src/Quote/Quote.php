<?php

declare(strict_types=1);

namespace Orthoscope\Core\Quote;

use DateTimeImmutable;
use Orthoscope\Core\Catalogue\Economy\DepositTerms;
use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Plain\Money;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Plain\UnreadableRow;

/** What the owner is asked to agree to: one or more variants, a deposit, and until when it holds. */
final readonly class Quote
{
    public const MOST_VARIANTS = 4;

    /** @param  non-empty-list<Variant>  $variants */
    private function __construct(
        public array $variants,
        public DateTimeImmutable $validUntil,
        public int $depositFrom,
        public int $depositShare,
        public string $words,
    ) {
    }

    /**
     * @param  list<Variant>  $variants
     * @param  DepositTerms  $deposit asked from this total on, and how much of it
     *
     * @throws UnusableQuote
     */
    public static function of(
        array $variants,
        DateTimeImmutable $validUntil,
        DateTimeImmutable $now,
        DepositTerms $deposit,
        string $words = '',
    ): self {
        return match (true) {
            $variants === [] => throw UnusableQuote::because('Pick at least one option for the quote.'),
            count($variants) > self::MOST_VARIANTS => throw UnusableQuote::because(
                'More than four variants cannot be told apart on a telephone; leave the dearest out.',
            ),
            $validUntil <= $now => throw UnusableQuote::because('The quote would be out of date at once; choose a later day.'),
            $validUntil > $now->modify('+90 days') => throw UnusableQuote::because(
                'Prices do not hold for more than 90 days; choose an earlier day.',
            ),
            default => new self($variants, $validUntil, $deposit->from, $deposit->share, trim($words)),
        };
    }

    public function variant(string $id): ?Variant
    {
        foreach ($this->variants as $variant) {
            if ($variant->id === $id) {
                return $variant;
            }
        }

        return null;
    }

    /** What is asked before parts are ordered; nothing under the shop's threshold. */
    public function deposit(Variant $variant): Money
    {
        return $variant->total()->minor >= $this->depositFrom ? $variant->total()->share($this->depositShare) : Money::of(0);
    }

    /** The text that is agreed to, word for word: what is kept with the answer. */
    public function text(Variant $variant, Currency $currency): string
    {
        $lines = array_map(
            fn (QuoteLine $line): string => ($line->count > 1 ? "{$line->count} x " : '')
                ."{$line->what}: {$currency->words($line->net())}",
            $variant->lines,
        );
        $deposit = $this->deposit($variant);

        return implode(
            "\n",
            array_filter([
                "{$variant->id}: {$variant->name}",
                ...$lines,
                "Tax: {$currency->words($variant->tax())}",
                "Total: {$currency->words($variant->total())}",
                $deposit->minor === 0 ? '' : "Before we order: {$currency->words($deposit)}",
                $variant->promise,
                $variant->limits,
                $this->words,
            ]),
        );
    }

    /** Changes with every word and number of it, so that nobody agrees to what they have not read. */
    public function fingerprint(): string
    {
        return hash('sha256', json_encode($this->toArray(), JSON_THROW_ON_ERROR));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'variants' => array_map(fn (Variant $variant): array => $variant->toArray(), $this->variants),
            'valid_until' => $this->validUntil->format(DATE_ATOM),
            'deposit' => ['from' => $this->depositFrom, 'share' => $this->depositShare],
            'words' => $this->words,
        ];
    }

    /** As it was kept. */
    public static function fromRow(Row $row): self
    {
        $variants = array_map(Variant::fromRow(...), $row->rows('variants'));
        $deposit = $row->row('deposit');

        return new self(
            variants: $variants === [] ? throw UnreadableRow::wrong($row->where, 'variants', 'at least one variant', []) : $variants,
            validUntil: new DateTimeImmutable($row->text('valid_until')),
            depositFrom: $deposit->whole('from'),
            depositShare: $deposit->whole('share'),
            words: $row->text('words'),
        );
    }
}
