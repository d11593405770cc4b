<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\QueryException;
use Illuminate\Database\SQLiteConnection;
use PDOException;

/** One writer at a time, each from the start of its transaction. */
final class OneWriterSQLiteConnection extends SQLiteConnection
{
    use TurnsTimesToUtc;

    /**
     * A transaction takes the write lock before it reads: two writers queue up, and none finds at its end that what it read is old. From
     * PHP 8.4 on the framework begins it so; before that a statement that changes nothing does.
     */
    protected function executeBeginTransactionStatement(): void
    {
        parent::executeBeginTransactionStatement();
        if (PHP_VERSION_ID >= 80400) {
            return;
        }
        try {
            $this->getPdo()->exec('DELETE FROM migrations WHERE 0');
        } catch (PDOException $failed) {
            if (! str_contains($failed->getMessage(), 'no such table')) {
                $this->getPdo()->rollBack();
                throw new QueryException((string) $this->getName(), 'BEGIN IMMEDIATE', [], $failed);
            }
        }
    }
}
