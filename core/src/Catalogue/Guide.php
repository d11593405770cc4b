<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** How an owner fits a part that was posted. */
final readonly class Guide
{
    /**
     * @param  string  $part kind of part
     * @param  list<string>  $steps
     */
    public function __construct(
        public string $part,
        public array $steps,
        public ?string $caution,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('part'), $row->texts('steps'), $row->textOrNull('caution'));
    }
}
