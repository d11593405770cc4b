<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

/** How a letter is to be: short or full, and the line that is somebody's own. The facts of it are never typed. */
final readonly class LetterTerms
{
    public const FULL = 'full';

    public const SHORT = 'short';

    /** Sections of a short letter. */
    public const IN_SHORT = [
        'warning', 'personal', 'cause', 'done', 'now', 'not-proved', 'limits', 'cost', 'warranty', 'old-parts', 'watch',
    ];

    /** Kinds of part that often stay at the owner's: nothing is said of one that never came in. */
    public const STAY_BEHIND = ['wall-socket', 'screen', 'devices'];

    /** @param  list<string>  $here kinds of STAY_BEHIND that came in with the machine */
    public function __construct(public string $level = self::FULL, public string $personal = '', public array $here = [])
    {
    }
}
