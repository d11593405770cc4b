<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/** What the record supports about a part. It can go back: strike an entry out and it is worked out afresh. */
enum Standing: string
{
    case Proved = 'proved';
    case Worked = 'worked';
    case NotAlone = 'not-alone';
    case Hidden = 'hidden';
    case NotTested = 'not-tested';
    case Suspect = 'suspect';
    case Provisional = 'provisional';
    case Condemned = 'condemned';
    case Cured = 'cured';

    public function words(): string
    {
        return match ($this) {
            self::Proved => 'proved working',
            self::Worked => 'worked when tried',
            self::NotAlone => 'not what stops it alone',
            self::Hidden => 'hidden by an earlier stop',
            self::NotTested => 'not tested',
            self::Suspect => 'suspect',
            self::Provisional => 'provisional',
            self::Condemned => 'condemned',
            self::Cured => 'put right',
        };
    }

    /** One letter, for black-and-white print and small marks. */
    public function letter(): string
    {
        return match ($this) {
            self::Proved => 'P',
            self::Worked => 'W',
            self::NotAlone => 'A',
            self::Hidden => 'H',
            self::NotTested => 'N',
            self::Suspect => 'S',
            self::Provisional => 'V',
            self::Condemned => 'C',
            self::Cured => 'R',
        };
    }
}
