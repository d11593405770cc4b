<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/** A likelihood that is worked out for ten thousands of fault sets quicker than for one after the other. */
interface LikelihoodOfMany extends Likelihood
{
    /**
     * @param  list<int>  $of state => the number of a set
     *
     * @return list<float> state => the probability of what was seen, to the last bit what `given` says
     */
    public function ofEach(FaultSets $sets, array $of): array;
}
