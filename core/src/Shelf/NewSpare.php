<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\PartKind;
use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Plain\UnreadableMoney;

/** A spare as it is written down when it comes to the shelf. */
final readonly class NewSpare
{
    public const COLUMNS = ['tag', 'kind', 'name', 'value', 'origin', 'place', 'model'];

    /** Facts that a machine's platform must match are kept apart from the others. */
    public const SAME = ['memory', 'socket', 'form', 'bus', 'port'];

    /**
     * @param  string  $kind kind of part
     * @param  int  $value minor units of money
     * @param  string  $origin one of the shelf's origins
     * @param  string  $place where it lies
     * @param  string  $model make and model as its label says; empty where nobody read it
     * @param  array<string, string>  $fits  facts among SAME
     * @param  array<string, string>  $facts the others
     */
    public function __construct(
        public string $tag,
        public string $kind,
        public string $name,
        public int $value,
        public string $origin,
        public string $place,
        public string $model = '',
        public array $fits = [],
        public array $facts = [],
    ) {
    }

    /**
     * @param  array<string, string>  $given by COLUMNS; every other name is a fact
     *
     * @throws SpareMistake with the field
     */
    public static function written(array $given, Catalogue $catalogue): self
    {
        $given += array_fill_keys(self::COLUMNS, '');
        $lendable = array_keys(array_filter($catalogue->parts, fn (PartKind $kind): bool => $kind->lendable));
        $origins = array_keys($catalogue->shelf->origins);
        $origin = $given['origin'] === '' ? 'retired' : $given['origin'];
        $value = self::money($given['value'], $catalogue->economy->currency);
        $tag = strtoupper($given['tag']);
        $facts = array_filter(array_diff_key($given, array_flip(self::COLUMNS)), fn (string $fact): bool => $fact !== '');
        [$field, $sentence] = match (true) {
            preg_match('/^[A-Z0-9][A-Z0-9\-]{0,19}$/', $tag) !== 1 => [
                'tag',
                "\"{$given['tag']}\" is no tag; letters, figures and dashes, up to 20.",
            ],
            ! in_array($given['kind'], $lendable, true) => [
                'kind',
                "\"{$given['kind']}\" is no kind of spare; one of ".implode(', ', $lendable).'.',
            ],
            $given['name'] === '' || mb_strlen($given['name']) > 120 => ['name', 'it needs a name of up to 120 letters.'],
            $value === null => [
                'value',
                "\"{$given['value']}\" is no amount of money; a number such as 35 or 35.50.",
            ],
            mb_strlen($given['model']) > 60 => ['model', 'keep the model under 60 letters, as its label says it.'],
            ! in_array($origin, $origins, true) => ['origin', "\"{$origin}\" is no origin; one of ".implode(', ', $origins).'.'],
            default => ['', ''],
        };
        if ($field !== '') {
            throw SpareMistake::at($field, $sentence);
        }

        return new self(
            tag: $tag,
            kind: $given['kind'],
            name: $given['name'],
            value: $value ?? 0,
            origin: $origin,
            place: mb_substr($given['place'], 0, 60),
            model: $given['model'],
            fits: array_intersect_key($facts, array_flip(self::SAME)),
            facts: array_diff_key($facts, array_flip(self::SAME)),
        );
    }

    /** Minor units; null where it is no amount of money. */
    private static function money(string $typed, Currency $currency): ?int
    {
        try {
            return $typed === '' ? 0 : $currency->parse($typed)->minor;
        } catch (UnreadableMoney) {
            return null;
        }
    }
}
