<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Catalogue;

/** An outcome and a sign of one start that cannot both be right, whatever is wrong with the machine. */
final readonly class Contradiction
{
    /** @param  string  $channel of the sign */
    private function __construct(public string $channel, private string $reached, private string $sign)
    {
    }

    /** Null where a start fits together; of several outcomes at once a sign belongs to none for sure. */
    public static function in(Start $start, Catalogue $catalogue): ?self
    {
        foreach (count($start->outcomes) === 1 ? $start->signs : [] as $channel => $value) {
            $sign = $catalogue->sign($channel);
            if ($sign->excludes($value, $start->reached)) {
                return new self($channel, $catalogue->reach($start->reached)->name, $sign->values[$value]);
            }
        }

        return null;
    }

    /** The last start of a record that contradicts itself and was not made again since, put together the same way. */
    public static function last(Record $record, Catalogue $catalogue): ?Start
    {
        $again = [];
        foreach (array_reverse($record->all(Start::class)) as $start) {
            if (! isset($again[$start->setUp->key()]) && self::in($start, $catalogue) !== null) {
                return $start;
            }
            $again[$start->setUp->key()] = true;
        }

        return null;
    }

    /** "twitches, then off" and "fans spin" */
    public function words(): string
    {
        return "\"{$this->reached}\" and \"{$this->sign}\"";
    }
}
