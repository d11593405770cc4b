<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;

/**
 * What did not come in with a machine, from what was written down to have come with it. Where nobody wrote down anything, nobody knows.
 */
final class StayedHome
{
    /** The answer that the machine came in without anything. */
    public const NOTHING = 'nothing else';

    /** Kind of part => what of the list of the counter would be it. */
    private const AS_LISTED = [
        'wall-lead' => ['power lead'],
        'devices' => ['keyboard', 'mouse', 'printer', 'discs or sticks'],
        'video-lead' => ['screen lead'],
        'screen' => ['screen'],
    ];

    /** Kind of part => words of what else came that may be it; of a device any word may be one. */
    private const IN_WORDS = [
        'wall-lead' => '/lead|cable|cord/i',
        'devices' => '/\S/u',
        'video-lead' => '/lead|cable|hdmi|displayport|dvi|vga/i',
        'screen' => '/screen|monitor|display/i',
    ];

    /** @return list<string> kinds of part */
    public static function of(Request $request): array
    {
        $listed = array_filter((array) $request->input('accessories', []), is_string(...));
        $else = $request->string('with')->toString();
        $atHome = [];
        foreach ($listed === [] ? [] : self::AS_LISTED as $kind => $things) {
            if (array_intersect($things, $listed) === [] && preg_match(self::IN_WORDS[$kind], $else) !== 1) {
                $atHome[] = $kind;
            }
        }

        return $atHome;
    }
}
