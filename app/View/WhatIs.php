<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Diagnosis\Standing;

/** What a mark or a number on a page means, said in place to whoever asks. */
final class WhatIs
{
    /** @var array<string, string> what it is about => what it means */
    public const SAYS = [
        'suspect' => 'How likely this part is at fault, by everything on the record. All parts can sum to more than 100: two can '
            .'be at fault at once.',
        'outcome' => 'How likely the step shows this, by what is believed now; and which part would then come first.',
        'minutes' => 'What the step takes at the bench. The order is by what a step is expected to save, in minutes and money, '
            .'less what it costs.',
        'sound' => 'How likely nothing is wrong any more: each clean start under the conditions under which it failed raises it.',
        'box' => 'Minutes after which the owner is asked before more is spent: from what was agreed, or what the machine is worth.',
        'trust' => 'The chance that this spare is good: from where it came, how it was proved, and every loan since.',
        'total' => 'What this option is expected to cost until the job ends: the work and parts, and what follows where it does '
            .'not fix it.',
        'fixes' => 'In how many of 100 such machines this alone puts it right, by the record.',
        'luck' => 'Share of false finds among all that stand out as much: that many of them are nothing but chance.',
        'shrunken' => 'The rate of this model, drawn towards that of its family as far as its few jobs leave it open.',
    ];

    public static function suspect(Standing $standing): string
    {
        return self::SAYS['suspect'].' '.self::standing($standing);
    }

    public static function standing(Standing $standing): string
    {
        return match ($standing) {
            Standing::Proved => 'Proved working: a start or a check went past it under the conditions of the complaint.',
            Standing::Worked => 'Worked when tried: a start or a check went past it. That does not prove it: it is still '
                .'not unlikely enough, the machine comes and goes, or it got further without it.',
            Standing::NotAlone => 'Not what stops it alone: with it changed or out the machine stopped at the same '
                .'place. It may still be one of two.',
            Standing::Hidden => 'Hidden: the machine stops before this part is used, so nothing can be said of it yet.',
            Standing::NotTested => 'Not tested: nothing on the record speaks for or against it.',
            Standing::Suspect => 'Suspect: it can explain what was seen. The number says how likely.',
            Standing::Provisional => 'Provisional: changing it made the difference once. It is condemned only when '
                .'the fault comes back with it.',
            Standing::Condemned => 'Condemned: the record shows that it is at fault.',
            Standing::Cured => 'Put right: it was at fault, something was done, and since then it works.',
        };
    }
}
