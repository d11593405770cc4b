<?php

declare(strict_types=1);

namespace Orthoscope\Core\Sockets;

/** What is seen of one contact of a socket under the glass, the worst first. */
enum ContactState: string
{
    case Missing = 'missing';
    case Burnt = 'burnt';
    case Bent = 'bent';
    case Dirty = 'dirty';
    case Straightened = 'straightened';

    /** What a socket with such a contact is told to be, as a result of the look with a map; null where the contact is in order again. */
    public function result(): ?string
    {
        return match ($this) {
            self::Missing, self::Burnt => 'missing',
            self::Bent => 'bent',
            self::Dirty => 'dirty',
            self::Straightened => null,
        };
    }
}
