<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

use Orthoscope\Core\Plain\Row;

/** One value of a reading, and what it is held against. */
final readonly class LimitValue
{
    /**
     * @param  bool  $optional  left out, it does not count as failed
     * @param  bool  $reference typed and not judged: others are held against it
     * @param  bool  $marking   typed as printed on a part
     * @param  ?string  $equals  the value it is held against, within a share (`tolerance`) and a fixed `step` in its unit
     * @param  ?float  $below  share it may lie under what it is held against, where that is more than `tolerance`
     * @param  ?array{string, string}  $difference the values it is the difference of
     * @param  list<Nominal>  $nominals the nearest one counts
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $unit,
        public bool $optional,
        public bool $reference,
        public bool $marking,
        public ?string $equals,
        public float $tolerance,
        public float $step,
        public ?float $below,
        public ?array $difference,
        public array $nominals,
        public ?string $source,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        $difference = $row->has('difference') ? $row->texts('difference') : null;

        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            unit: $row->text('unit'),
            optional: $row->flag('optional'),
            reference: $row->flag('reference'),
            marking: $row->flag('marking'),
            equals: $row->textOrNull('equals'),
            tolerance: $row->number('tolerance', 0.0),
            step: $row->number('step', 0.0),
            below: $row->numberOrNull('below'),
            difference: $difference === null ? null : [$difference[0] ?? '', $difference[1] ?? ''],
            nominals: array_map(Nominal::fromRow(...), $row->rows('nominals', [])),
            source: $row->textOrNull('source'),
        );
    }
}
