<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Event;
use Orthoscope\Core\Diagnosis\Modes;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Triage\EventLikelihood;

/** What happened just before a machine failed: drawn as often as it goes with its faults. */
final class LikelyEvent
{
    /**
     * @param  list<int>  $faults modes
     * @param  list<string>  $among ids of events; none = any
     *
     * @return string id of the event
     */
    public static function drawn(Catalogue $catalogue, Modes $modes, array $faults, Draw $draw, array $among = []): string
    {
        $events = $among === [] ? $catalogue->events : array_intersect_key($catalogue->events, array_flip($among));
        $weights = array_map(
            fn (Event $event): float => (new EventLikelihood($modes, $catalogue, $event))->given($faults),
            $events,
        );

        return (string) $draw->weighed($weights);
    }
}
