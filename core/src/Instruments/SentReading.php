<?php

declare(strict_types=1);

namespace Orthoscope\Core\Instruments;

use InvalidArgumentException;
use JsonException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Codes\CodeKind;
use Orthoscope\Core\Plain\UnknownWord;

/**
 * What an instrument shows, on its way to a record: values of one reading, or the code of a display. As JSON it is an object
 * with "format": "orthoscope-reading/1", "instrument", and either "check" with "values" or "code".
 */
final readonly class SentReading
{
    public const FORMAT = 'orthoscope-reading/1';

    private const BYTES = 20000;

    /** @param  array<string, float>  $values by value id of the check's limit */
    private function __construct(public string $instrument, public ?string $check, public array $values, public ?string $code)
    {
    }

    /** @param  array<string, float>  $values */
    public static function values(Instrument $instrument, string $check, array $values): self
    {
        return new self($instrument->name(), $check, array_map(fn (float $value): float => round($value, 3), $values), null);
    }

    public static function code(Instrument $instrument, string $code): self
    {
        return new self($instrument->name(), null, [], $code);
    }

    /**
     * @throws InvalidArgumentException with one sentence that says what is wrong and where
     */
    public static function parse(string $json, Catalogue $catalogue): self
    {
        $given = self::decoded($json);
        $instrument = is_string($given['instrument'] ?? null) && trim($given['instrument']) !== ''
                ? mb_substr(trim($given['instrument']), 0, 40)
                : throw new InvalidArgumentException('The reading does not say which "instrument" it is from.');
        if (isset($given['code'])) {
            return new self($instrument, null, [], self::readCode($given['code']));
        }
        $check = self::readCheck($given['check'] ?? null, $catalogue);

        return new self($instrument, $check, self::readValues($given['values'] ?? null, $check, $catalogue), null);
    }

    /** @return array<mixed> */
    private static function decoded(string $json): array
    {
        if (strlen($json) > self::BYTES) {
            throw new InvalidArgumentException('A reading is smaller than 20 kB; this is not one.');
        }
        try {
            $given = json_decode($json, true, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw new InvalidArgumentException('This is no JSON; send the reading as the instrument wrote it.');
        }

        return is_array($given) && ($given['format'] ?? '') === self::FORMAT
            ? $given
            : throw new InvalidArgumentException('A reading says "format": "'.self::FORMAT.'".');
    }

    private static function readCode(mixed $code): string
    {
        return is_string($code)
            ? CodeKind::Display->read($code)
            : throw new InvalidArgumentException('"code" is the two figures of a display, such as "5F".');
    }

    private static function readCheck(mixed $check, Catalogue $catalogue): string
    {
        $readings = array_keys(array_filter($catalogue->checks, static fn (Check $one): bool => $one->limit !== null));

        return is_string($check) && in_array($check, $readings, true)
            ? $check
            : throw new InvalidArgumentException(
                UnknownWord::sentence('reading with values', is_string($check) ? $check : '', $readings),
            );
    }

    /** @return non-empty-array<string, float> */
    private static function readValues(mixed $given, string $check, Catalogue $catalogue): array
    {
        $ids = array_keys($catalogue->limits[(string) $catalogue->check($check)->limit]->byId());
        $values = [];
        foreach (is_array($given) ? $given : [] as $id => $value) {
            if (! in_array($id, $ids, true) || ! is_numeric($value)) {
                $named = implode(', ', $ids);
                $other = mb_substr((string) $id, 0, 40);
                throw new InvalidArgumentException("\"values\" of \"{$check}\" are numbers named {$named}; \"{$other}\" is not.");
            }
            $values[$id] = (float) $value;
        }

        return $values === [] ? throw new InvalidArgumentException('The reading has no "values".') : $values;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['format' => self::FORMAT, 'instrument' => $this->instrument]
            + ($this->code !== null ? ['code' => $this->code] : ['check' => $this->check, 'values' => $this->values]);
    }
}
