<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** One way a start shows itself: a lamp, beeps, fans. */
final readonly class SignChannel
{
    /**
     * @param  ?string  $needs  the machine fact without which the channel is not there
     * @param  array<string, string>  $values value => words
     * @param  array<string, array<string, float>>  $rows   stage that is not reached => value => share
     * @param  array<string, list<string>>  $never outcome of a start => values it cannot go with
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $plain,
        public ?string $needs,
        public array $values,
        public array $rows,
        public array $never,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            plain: $row->text('plain'),
            needs: $row->textOrNull('needs'),
            values: $row->textByName('values'),
            rows: array_map(fn (Row $of): array => $of->numbers(), $row->rowByName('rows')),
            never: $row->has('never') ? self::never($row->row('never')) : [],
        );
    }

    /** @return array<string, list<string>> */
    private static function never(Row $row): array
    {
        $never = [];
        foreach ($row->keys() as $reached) {
            $never[$reached] = $row->texts($reached);
        }

        return $never;
    }

    /** Whether a start with this outcome cannot have shown the value. */
    public function excludes(string $value, string $reached): bool
    {
        return in_array($value, $this->never[$reached] ?? [], true);
    }

    /** Whether a value says no more than that nothing was seen or heard. */
    public function isSilence(string $value): bool
    {
        return in_array($value, ['none', 'blank'], true);
    }

    /**
     * How often the channel shows a value.
     *
     * @param  string  $stop     the stage not reached, or "none" if all were
     * @param  array<string, float>|null  $instead  a row of a fault that overrides the table
     * @param  float  $noise    share of signs that say nothing
     */
    public function share(string $value, string $stop, ?array $instead, float $noise): float
    {
        $row = $instead ?? $this->rows[$stop] ?? $this->rows['default'];
        $count = count($this->values);
        if (isset($row[$value])) {
            $share = $row[$value];
        } else {
            $unnamed = $count - count($row);
            $share = $unnamed > 0 ? max(0.0, 1.0 - array_sum($row)) / $unnamed : 0.0;
        }

        return (1.0 - $noise) * $share + $noise / $count;
    }
}
