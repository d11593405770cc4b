<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Proving;

use Orthoscope\Core\Plain\Row;

/** What a new part asks for; ticked off before the machine goes back. */
final readonly class Aftercare
{
    /** @param  list<string>  $after kinds of part */
    public function __construct(public string $item, public array $after)
    {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('item'), $row->texts('after'));
    }
}
