<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/** What each fault alone made of the entries so far, to be taken up when the record has grown. */
final readonly class KeptSingles
{
    /** @param  list<array{float, array{string, string}, array{string, string}}>  $fits */
    public function __construct(public KeptReplay $replay, public array $fits)
    {
    }
}
