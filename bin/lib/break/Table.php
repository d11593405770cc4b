<?php

declare(strict_types=1);

namespace BreakIt;

/** The table in docs/RELIABILITY.md. */
final class Table
{
    /** @param  list<array{string, string, string}>  $rows what was not tried this time stays as it was when it was */
    public static function write(array $rows): void
    {
        $file = dirname(__DIR__, 3).'/docs/RELIABILITY.md';
        $text = (string) @file_get_contents($file);
        preg_match_all('/^\| (?!tried)([^|-][^|]*) \| ([^|]+) \| ([^|]+) \|$/m', $text, $before, PREG_SET_ORDER);
        $all = array_column([...array_map(fn (array $row): array => array_slice($row, 1), $before), ...$rows], null, 0);
        $lines = array_map(fn (array $row): string => '| '.implode(' | ', $row)." |\n", $all);
        $cores = (int) shell_exec('nproc');
        file_put_contents(
            $file,
            "# Reliability\n\nMade by `bin/break --write`, last on ".date('j F Y').", on {$cores} cores that the senders share. "
            ."Nothing of it is\npart of `bin/test`.\n\n| tried | how | what came of it |\n|---|---|---|\n".implode('', $lines)
            ."\nA clock that jumps is tried by the suite, not here.\n",
        );
    }
}
