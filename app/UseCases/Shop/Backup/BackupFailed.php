<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

use RuntimeException;

/** A backup could not be made, or is not what it says it is; the message says what to do. */
final class BackupFailed extends RuntimeException
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }
}
