<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

/** An owner's own words, as they are quoted back: what says something of the machine, and not all that was typed. */
final class OwnWords
{
    /** Letters that are quoted at most; a quote ends with a sentence where it can. Origin: judgement. */
    private const MOST = 220;

    /** Words that by themselves say nothing: greetings, and notes of whoever typed. */
    private const SAYS_NOTHING = [
        'hi', 'hello', 'hey', 'good', 'morning', 'afternoon', 'evening', 'day', 'dear', 'sir', 'madam', 'please', 'pls', 'thanks',
        'thank', 'you', 'thx', 'help', 'can', 'could', 'asap', 'regards', 'kind', 'best', 'see', 'above', 'below', 'same', 'as',
        'before', 'idem', 'ditto', 'none', 'nothing', 'else', 'n', 'a', 'no', 'yes', 'ok', 'okay', 'well', 'so', 'test', 'x',
    ];

    /** Empty where nothing of it says anything. */
    public static function of(string $text): string
    {
        $said = [];
        foreach (preg_split('/(?<=[.!?])\s+|\R+/u', trim($text)) ?: [] as $sentence) {
            $words = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($sentence), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            if (array_diff($words, self::SAYS_NOTHING) !== []) {
                $said[] = trim($sentence);
            }
        }
        $quote = '';
        foreach ($said as $sentence) {
            if ($quote !== '' && mb_strlen("{$quote} {$sentence}") > self::MOST) {
                break;
            }
            $quote = trim("{$quote} {$sentence}");
        }

        return mb_strlen($quote) > self::MOST ? rtrim(
            (string) preg_replace('/\s+\S*$/u', '', mb_substr($quote, 0, self::MOST)),
        ).' …' : $quote;
    }
}
