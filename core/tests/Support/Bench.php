<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Support;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\CaseFile\CaseFile;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Replay;

/** A short way to say a case in a test. */
final class Bench
{
    public static function catalogue(): Catalogue
    {
        return Catalogue::shipped();
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $machine
     * @param  list<array<string, mixed>>|null  $shelf
     */
    public static function json(array $entries, array $machine = [], ?array $shelf = null): string
    {
        // An empty map is an object in the file, which PHP cannot tell from an empty list.
        $filled = fn (array $row): array => array_filter(
            $row,
            fn (mixed $value, string $key): bool => $value !== [] || $key === 'on',
            ARRAY_FILTER_USE_BOTH,
        );
        $machine = $filled($machine);
        $case = [
            'format' => CaseFile::FORMAT,
            'machine' => $machine === [] ? (object) [] : $machine,
            'entries' => array_map($filled, $entries),
        ];
        if ($shelf !== null) {
            $case['shelf'] = $shelf;
        }

        return json_encode($case, JSON_THROW_ON_ERROR);
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $machine
     */
    public static function replay(array $entries, array $machine = [], ?Catalogue $catalogue = null): Replay
    {
        $case = CaseFile::parse(self::json($entries, $machine), $catalogue ?? self::catalogue());

        return $catalogue === null
            ? BegunRecords::replay($case->machine, $case->record)
            : Replay::of($case->machine, $case->record, $catalogue);
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $machine
     */
    public static function case(array $entries, array $machine = []): CaseFile
    {
        return CaseFile::parse(self::json($entries, $machine), self::catalogue());
    }

    /** The shipped catalogue with next to nothing dropped for being unlikely: a thousand times less than it drops itself. */
    public static function unpruned(): Catalogue
    {
        $numbers = self::catalogue()->files()['numbers'];
        $numbers['numbers']['prune_below']['value'] = 1e-9;

        return self::catalogue()->with(['numbers' => $numbers]);
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $machine
     * @param  list<array<string, mixed>>|null  $shelf
     */
    public static function assess(array $entries, array $machine = [], ?array $shelf = null): Assessment
    {
        $case = CaseFile::parse(self::json($entries, $machine, $shelf), self::catalogue());

        return BegunRecords::assess($case->machine, $case->record, $case->shelf);
    }

    public static function suspicion(Replay $replay, string $part): float
    {
        return $replay->belief->hadAny($replay->model->modes->ofPart($part));
    }

    /** @return array<string, float> part => probability that it is or was at fault; the same as `suspicion` of each, in one pass */
    public static function suspicions(Replay $replay): array
    {
        $own = array_filter($replay->model->modes->all, fn (Mode $mode): bool => $mode->spare === null);
        [$suspicions] = $replay->belief->byGroup(array_map(fn (Mode $mode): string => $mode->part, $own));

        return $suspicions + array_map(fn (): float => 0.0, $replay->model->machine->parts);
    }
}
