<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

use Orthoscope\Core\Plain\Row;

/** What a way on promises: what the shop must then carry, and how well it lasts. */
final readonly class Promise
{
    /**
     * @param  int  $warrantyMonths what the shop must then carry
     * @param  float  $comeback share that comes back within a year, 0 to 1
     * @param  int  $lasts years it may be expected to last; 0 = no repair
     */
    public function __construct(public int $warrantyMonths, public float $comeback, public int $lasts)
    {
    }

    /** Nothing is promised by what repairs nothing. */
    public static function none(): self
    {
        return new self(0, 0.0, 0);
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->whole('warranty'), $row->number('comeback'), $row->whole('lasts'));
    }
}
