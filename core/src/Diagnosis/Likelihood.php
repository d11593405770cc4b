<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/** How likely one observation is, given which faults are there. */
interface Likelihood
{
    /**
     * @param  list<int>  $faults faults that are there now, in the order the hypotheses list them
     *
     * @return float the probability of what was seen, from 0 to 1
     */
    public function given(array $faults): float;
}
