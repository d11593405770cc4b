<?php

declare(strict_types=1);

namespace Orthoscope\Core\Quote;

use Orthoscope\Core\Plain\Money;
use Orthoscope\Core\Plain\Row;

/** One line of a quote: what, how many, and the price of one before tax. */
final readonly class QuoteLine
{
    public function __construct(public string $what, public int $count, public Money $each)
    {
    }

    /** @throws UnusableQuote for an empty line, a count that is none, or money below nothing */
    public static function of(string $what, int $count, Money $each): self
    {
        return match (true) {
            trim($what) === '' => throw UnusableQuote::because('Say what the line is for.'),
            $count < 1 || $count > 100 => throw UnusableQuote::because("A line counts from 1 to 100, not {$count}."),
            $each->minor < 0 => throw UnusableQuote::because(
                "\"{$what}\" costs less than nothing; take the line out, or type what is charged.",
            ),
            $each->minor > Money::MOST => throw UnusableQuote::because("\"{$what}\" is more than a repair can cost; check the point."),
            default => new self(trim($what), $count, $each),
        };
    }

    /** As it was kept. */
    public static function fromRow(Row $row): self
    {
        return self::of($row->text('what'), $row->whole('count'), Money::of($row->whole('each')));
    }

    public function net(): Money
    {
        return $this->each->times($this->count);
    }

    /** @return array{what: string, count: int, each: int} */
    public function toArray(): array
    {
        return ['what' => $this->what, 'count' => $this->count, 'each' => $this->each->minor];
    }
}
