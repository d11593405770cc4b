<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Event;
use Orthoscope\Core\Diagnosis\Likelihood;
use Orthoscope\Core\Diagnosis\Modes;

/** How likely something happened just before, given what is wrong: the factors on priors, turned round. Not normalised over events. */
final readonly class EventLikelihood implements Likelihood
{
    private float $often;

    public function __construct(private Modes $modes, Catalogue $catalogue, private Event $event)
    {
        $nothing = $catalogue->number('nothing_happened');
        $this->often = $event->id === 'none' ? $nothing : (1.0 - $nothing) / (count($catalogue->events) - 1);
    }

    public function given(array $faults): float
    {
        $likelihood = $this->often;
        foreach ($faults as $fault) {
            $likelihood *= $this->event->factors[$this->modes->all[$fault]->fault->id] ?? 1.0;
        }

        return $likelihood;
    }
}
