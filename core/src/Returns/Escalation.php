<?php

declare(strict_types=1);

namespace Orthoscope\Core\Returns;

/**
 * Who to turn to next with a claim that goes nowhere, by what has already failed. Common practice, no source: the seller first, then
 * whoever decides there, then the maker, then an office or court, where local law says how.
 */
enum Escalation: string
{
    case Desk = 'desk';
    case WhoDecides = 'who-decides';
    case Maker = 'maker';
    case Outside = 'outside';

    /**
     * @param  int  $foundNothing times they tried it and found nothing
     * @param  int  $unopened times it came back unopened, or was refused
     * @param  int  $broken promised dates that went by without an answer
     */
    public static function after(int $foundNothing, int $unopened, int $broken): self
    {
        return match (max(0, $foundNothing - 1) + $unopened + intdiv($broken + 1, 2)) {
            0 => self::Desk,
            1 => self::WhoDecides,
            2 => self::Maker,
            default => self::Outside,
        };
    }

    /** What to do, in a sentence; empty while the ordinary way is open. */
    public function sentence(): string
    {
        return match ($this) {
            self::Desk => '',
            self::WhoDecides => 'Ask by letter for whoever decides there, with the evidence, and name a last date.',
            self::Maker => 'Go past the seller to the maker, with the evidence and every date and name below.',
            self::Outside => 'Only an office for consumers or a small-claims court is left; local law says which, and until when.',
        };
    }
}
