<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

/** How a letter is to be: short or full, and the line that is somebody's own. The facts of it are never typed. */
final readonly class LetterTerms
{
    public const FULL = 'full';

    public const SHORT = 'short';

    /** Sections of a short letter. */
    public const IN_SHORT = ['personal', 'cause', 'done', 'not-proved', 'limits', 'cost', 'warranty', 'old-parts', 'watch'];

    public function __construct(public string $level = self::FULL, public string $personal = '')
    {
    }
}
