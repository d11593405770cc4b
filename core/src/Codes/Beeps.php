<?php

declare(strict_types=1);

namespace Orthoscope\Core\Codes;

/** Beeps as a row of letters: l for a long one, s for a short one, and a star at the end where they go on without end. */
final class Beeps
{
    private const MOST = 20;

    /**
     * Reads "lss", "l s s", "-..", "1 long 2 short", "short, short", "long without end".
     *
     * @throws UnreadableCode
     */
    public static function read(string $typed): string
    {
        $text = mb_strtolower(trim($typed));
        $endless = preg_match('/\*$|without end|repeat|endless/u', $text) === 1;
        $text = (string) preg_replace('/\*$|without end|repeating|repeated|repeats|endless/u', '', $text);
        $text = (string) preg_replace_callback(
            '/(\d{1,2})\s*(long|short|l|s)(?![a-z])/u',
            fn (array $m): string => str_repeat(' '.$m[2][0], min(self::MOST + 1, (int) $m[1])),
            $text,
        );
        $text = str_replace(['long', 'short', '–', '—', '-', '·', '.'], ['l', 's', 'l', 'l', 'l', 's', 's'], $text);
        $text = (string) preg_replace('/[\s,+]+|\band\b|\bthen\b/u', '', $text);

        return preg_match('/^[ls]{1,'.self::MOST.'}$/', $text) === 1
            ? $text.($endless ? '*' : '')
            : throw UnreadableCode::beeps($typed);
    }

    /** The same in words: "1 long, 2 short". */
    public static function words(string $beeps): string
    {
        preg_match_all('/l+|s+/', $beeps, $runs);
        $words = array_map(fn (string $run): string => strlen($run).' '.($run[0] === 'l' ? 'long' : 'short'), $runs[0]);

        return implode(', ', $words).(str_ends_with($beeps, '*') ? ', without end' : '');
    }
}
