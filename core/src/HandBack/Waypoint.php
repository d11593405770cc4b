<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

/** How one station of a job stands. */
final readonly class Waypoint
{
    /**
     * @param  bool  $isDone what it is for is on the record
     * @param  bool  $isHere the job stands here now
     * @param  string  $words what is there, or what is still owed; empty where nothing is to be said yet
     */
    public function __construct(public Station $station, public bool $isDone, public bool $isHere, public string $words)
    {
    }
}
