<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

use RuntimeException;

/** The data could not be brought up to date, and are as they were. */
final class UpgradeFailed extends RuntimeException
{
    public static function because(string $why): self
    {
        return new self("The data could not be brought up to date and are as they were: {$why}");
    }
}
