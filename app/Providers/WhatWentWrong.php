<?php

declare(strict_types=1);

namespace App\Providers;

use App\UseCases\Shop\NoRoom;
use App\UseCases\Shop\Reserve;
use Illuminate\Support\Str;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Throwable;

/** What a full disk, or others who write, keep from being done is told as what it is. */
final class WhatWentWrong
{
    public static function noRoom(NoRoom $full): Throwable
    {
        Reserve::letGo();

        return new HttpException(507, $full->getMessage(), $full);
    }

    public static function withTheData(PDOException $failed): Throwable
    {
        $says = $failed->getMessage();
        if (Str::contains($says, ['disk is full', 'disk I/O error', 'No space left on device'])) {
            return self::noRoom(NoRoom::for('What you sent'));
        }

        return Str::contains($says, ['database is locked', 'lock timeout'])
            ? new HttpException(503, 'Others are writing just now.', $failed)
            : $failed;
    }
}
