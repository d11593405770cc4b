<?php

declare(strict_types=1);

namespace Orthoscope\Core\Assessment;

use Orthoscope\Core\Diagnosis\KeptReplay;
use Orthoscope\Core\Diagnosis\KeptSingles;

/** What an adviser can take up again of an earlier state of a record. */
final readonly class Kept
{
    public function __construct(public KeptReplay $replay, public KeptSingles $alone)
    {
    }
}
