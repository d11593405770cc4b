<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

use Orthoscope\Core\Plain\Row;

/** When a deposit is asked, and how much. */
final readonly class DepositTerms
{
    /**
     * @param  int  $from  minor units of money from which a deposit is asked
     * @param  int  $share hundredths of a per cent
     */
    public function __construct(
        public int $from,
        public int $share,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->whole('from'), $row->whole('share'));
    }
}
