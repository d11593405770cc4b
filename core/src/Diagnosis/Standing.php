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

    /** A start or a look speaks for it, whether that proves it or not. */
    public function hasWorked(): bool
    {
        return $this === self::Proved || $this === self::Worked;
    }

    /** Whether the part may go on a shelf: nothing speaks against it. What nobody tested is trusted less there. */
    public function mayBeKept(): bool
    {
        return $this->hasWorked() || $this === self::NotAlone || $this === self::NotTested;
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
