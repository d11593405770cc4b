<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Practice\Guess;
use Orthoscope\Core\Practice\PuzzleMistake;

/** What somebody suspects and expects, as it is typed in pairs of a part and a percentage. */
final class TypedGuess
{
    /**
     * @param  list<string>  $parts   of the machine
     * @param  list<string>  $reaches ways a start can end; none where it is not asked for
     */
    public static function in(Request $request, array $parts, array $reaches = []): ?Guess
    {
        $percents = [];
        foreach ((array) $request->input('guess.part', []) as $i => $part) {
            if (is_string($part) && $part !== '') {
                $percents[$part] = $request->input("guess.percent.{$i}");
            }
        }
        try {
            return Guess::typed(
                $percents,
                $request->string('guess.expected')->toString(),
                $request->string('guess.sure')->toString(),
                $parts,
                $reaches,
            );
        } catch (PuzzleMistake $mistake) {
            throw ValidationException::withMessages(['guess' => $mistake->sentence]);
        }
    }
}
