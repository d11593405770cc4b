<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Support;

use Orthoscope\Core\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\CaseFile;

/** A short way to say a case in a test. */
final class Bench
{
    private static ?Catalogue $catalogue = null;

    public static function catalogue(): Catalogue
    {
        return self::$catalogue ??= Catalogue::shipped();
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $machine
     * @param  list<array<string, mixed>>|null  $shelf
     */
    public static function json(array $entries, array $machine = [], ?array $shelf = null): string
    {
        $case = ['format' => CaseFile::FORMAT, 'machine' => $machine === [] ? (object) [] : $machine, 'entries' => $entries];
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
        $catalogue ??= self::catalogue();
        $case = CaseFile::parse(self::json($entries, $machine), $catalogue);

        return Replay::of($case->machine, $case->record, $catalogue);
    }

    /** The shipped catalogue with nothing dropped for being unlikely. */
    public static function unpruned(): Catalogue
    {
        $numbers = self::catalogue()->files()['numbers'];
        $numbers['numbers']['prune_below']['value'] = 0.0;

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

        return Assessment::of($case->machine, $case->record, $case->shelf, self::catalogue());
    }

    public static function suspicion(Replay $replay, string $part): float
    {
        return $replay->belief->hadAny($replay->model->modes->ofPart($part));
    }
}
