<?php

declare(strict_types=1);

namespace Orthoscope\Core\CaseFile;

use JsonException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\MachineMistake;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Shelf\Shelf;

/** A job in the open exchange format `orthoscope-case/1`: the machine, the shelf it may borrow from, and the entries. */
final readonly class CaseFile
{
    public const FORMAT = 'orthoscope-case/1';

    public function __construct(public Machine $machine, public Record $record, public Shelf $shelf)
    {
    }

    /** @throws CaseMistake for the first thing that cannot be understood */
    public static function parse(string $json, Catalogue $catalogue): self
    {
        [$case, $mistakes] = self::understand($json, $catalogue);
        if ($mistakes !== []) {
            throw $mistakes[0];
        }
        assert($case instanceof self);

        return $case;
    }

    /**
     * Everything in it that cannot be understood.
     *
     * @return list<CaseMistake>
     */
    public static function mistakes(string $json, Catalogue $catalogue): array
    {
        return self::understand($json, $catalogue)[1];
    }

    /** @return array{?self, list<CaseMistake>} */
    private static function understand(string $json, Catalogue $catalogue): array
    {
        try {
            $given = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
            $object = json_decode($json, false, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $mistake) {
            return [null, [CaseMistake::at('', 'This is not JSON: '.$mistake->getMessage().'.', $mistake)]];
        }
        $mistakes = EntryShape::mistakesOfFile($object);
        if ($mistakes !== []) {
            return [null, $mistakes];
        }
        $file = Row::of($given, 'the case file');
        try {
            $machine = Machine::fromRow($file->row('machine'), $catalogue);
        } catch (MachineMistake $mistake) {
            return [null, [CaseMistake::at('/machine', $mistake->getMessage(), $mistake)]];
        }
        $reader = new EntryReader($catalogue, $machine);
        $entries = [];
        foreach ($file->rows('entries') as $i => $row) {
            try {
                $entries[] = $reader->read($i + 1, $row->all());
            } catch (CaseMistake $mistake) {
                $mistakes[] = $mistake->below("/entries/{$i}");
            }
        }
        if ($mistakes !== []) {
            return [null, $mistakes];
        }
        $shelf = $file->has('shelf') ? Shelf::fromRows($file->rows('shelf')) : Shelf::wellStocked($catalogue);

        return [new self($machine, new Record($entries), $shelf), []];
    }
}
