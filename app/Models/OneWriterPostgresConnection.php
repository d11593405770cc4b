<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\PostgresConnection;
use Illuminate\Database\QueryException;
use PDOException;

/**
 * One writer at a time, each from the start of its transaction, as where the data are one file: what a rule reads before it writes is true
 * until it has written, on however many machines the program runs. Readers wait for nobody.
 */
final class OneWriterPostgresConnection extends PostgresConnection
{
    use TurnsTimesToUtc;

    /** Any number that nothing else of this database takes for its lock. */
    private const WRITERS = 0x0574_05C0;

    protected function executeBeginTransactionStatement(): void
    {
        parent::executeBeginTransactionStatement();
        try {
            $this->getPdo()->exec('SELECT pg_advisory_xact_lock('.self::WRITERS.')');
        } catch (PDOException $failed) {
            $this->getPdo()->rollBack();
            throw new QueryException((string) $this->getName(), 'pg_advisory_xact_lock', [], $failed);
        }
    }
}
