<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Economy;

use Orthoscope\Core\Plain\Row;

/** What a machine that nobody fetches costs; whether it may be asked is for the local law to say. */
final readonly class StorageTerms
{
    /**
     * @param  int  $after  days after the first notice from which storage is charged
     * @param  int  $perDay minor units of money before tax; 0 = nothing is asked
     */
    public function __construct(public int $after, public int $perDay)
    {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->whole('after'), $row->whole('per_day'));
    }
}
