<?php

declare(strict_types=1);

namespace Orthoscope\Core\Intake;

use InvalidArgumentException;

/** What the age of a machine says of it. */
final class Age
{
    /** The oldest that is believed, in years. Origin: judgement; desktops with these sockets are not older. */
    public const MOST = 40;

    /** Years under which a machine is young, and from which it is old. Origin: judgement. */
    private const YOUNG = 2;

    private const OLD = 7;

    /** The act of earlier that an age in years stands for in a report; null in between, where it says nothing. */
    public static function history(int $years): ?string
    {
        return match (true) {
            $years < 0 || $years > self::MOST => throw new InvalidArgumentException(
                'Give the age in whole years, from 0 to '.self::MOST.'.',
            ),
            $years < self::YOUNG => 'age-young',
            $years > self::OLD => 'age-old',
            default => null,
        };
    }
}
