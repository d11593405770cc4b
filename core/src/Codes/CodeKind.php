<?php

declare(strict_types=1);

namespace Orthoscope\Core\Codes;

/** What a board tells a code with; each belongs to one channel of signs. */
enum CodeKind: string
{
    case Display = 'display';
    case Beeps = 'beeps';
    case Lamp = 'lamp';

    /** The channel of signs in which its meaning counts. */
    public function channel(): string
    {
        return match ($this) {
            self::Display => 'code',
            self::Beeps => 'beeps',
            self::Lamp => 'lamp',
        };
    }

    /**
     * A code as people type it, in the one form it is kept in: two figures of a display in capitals ("5F"), beeps as letters
     * ("lss" for one long and two short ones, "s*" for short ones without end), a lamp in small letters.
     *
     * @throws UnreadableCode
     */
    public function read(string $typed): string
    {
        return match ($this) {
            self::Display => self::display($typed),
            self::Beeps => Beeps::read($typed),
            self::Lamp => self::lamp($typed),
        };
    }

    private static function display(string $typed): string
    {
        $text = strtoupper(preg_replace('/^\s*(0x)?|\s*h?\s*$/i', '', $typed) ?? '');

        return preg_match('/^[0-9A-F]{2}$/', $text) === 1 ? $text : throw UnreadableCode::display($typed);
    }

    private static function lamp(string $typed): string
    {
        $text = mb_strtolower(trim($typed));

        return $text !== '' && mb_strlen($text) <= 40 ? $text : throw UnreadableCode::lamp($typed);
    }
}
