<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

use Orthoscope\Core\Diagnosis\Likelihood;

/** An answer that is as likely whatever is wrong. */
final readonly class FlatLikelihood implements Likelihood
{
    public function __construct(private float $share)
    {
    }

    public function given(array $faults): float
    {
        return $this->share;
    }
}
