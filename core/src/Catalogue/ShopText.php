<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Fields;
use Orthoscope\Core\Plain\Row;

/** Words of the shop on one of its papers, beside what the record says. */
final readonly class ShopText
{
    /**
     * @param  string  $on the paper: receipt, quote, letter, invoice or notice
     * @param  list<string>  $fields that may stand in it
     */
    public function __construct(public string $id, public string $name, public string $on, public array $fields, public string $text)
    {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('id'), $row->text('name'), $row->text('on'), $row->texts('fields'), $row->text('text'));
    }

    /**
     * @param  array<string, string>  $facts name of a field => what stands for it
     *
     * @return list<string> its paragraphs
     */
    public function paragraphs(array $facts): array
    {
        $filled = Fields::fill($this->text, $facts);

        return preg_split('/\n\s*\n/', $filled, -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
