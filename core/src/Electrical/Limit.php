<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

use Orthoscope\Core\Plain\Row;

/** The values of one kind of reading and their limits. */
final readonly class Limit
{
    /**
     * @param  list<LimitValue>  $values
     * @param  list<string>  $order rails that come up one after the other
     */
    public function __construct(
        public string $id,
        public array $values,
        public array $order,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self($row->text('id'), array_map(LimitValue::fromRow(...), $row->rows('values')), $row->texts('order', []));
    }

    /** @return array<string, LimitValue> by id */
    public function byId(): array
    {
        return array_column($this->values, null, 'id');
    }
}
