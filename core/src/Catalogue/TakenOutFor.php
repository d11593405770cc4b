<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** What takes a machine out of its case beside a start on the bench: work on some parts, and some looks. Origin: common practice. */
final readonly class TakenOutFor
{
    /**
     * @param  list<string>  $work  kinds of part
     * @param  list<string>  $but   acts on these that are done with the machine in its case
     * @param  list<string>  $looks looks and readings
     */
    private function __construct(public array $work, public array $but, public array $looks)
    {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->texts('work'), $row->texts('but'), $row->texts('looks'));
    }
}
