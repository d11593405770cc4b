<?php

declare(strict_types=1);

namespace Orthoscope\Core\Words;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;

/** What was done, as the owner reads it: "We replaced the power supply." */
final class ActInPlain
{
    public static function sentence(ActDone $act, Machine $machine, Catalogue $catalogue): string
    {
        $parts = PartsInPlain::of(array_map($machine->part(...), $act->on));

        return 'We '.str_replace('{part}', $parts, $catalogue->act($act->act)->plain).'.';
    }
}
