<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

/** The machine that is thought of while nobody has seen it: an ordinary desktop, in the written form of a case file. */
final class DeskMachine
{
    public const MADE_OF = [
        'model' => 'not told yet',
        'memory' => ['slots' => ['A2', 'B2'], 'sticks' => ['A2', 'B2']],
        'card' => true,
        'drives' => 1,
        'facts' => ['own_graphics' => false, 'status_lamps' => true, 'speaker' => true, 'code_display' => false],
        'platform' => [],
    ];
}
