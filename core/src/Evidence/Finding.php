<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\SetUp\Lent;
use Orthoscope\Core\Sockets\SocketMap;

/** What a look or a reading showed. */
final readonly class Finding extends Entry
{
    /** The word for a host machine that has no tag. */
    public const ANY_HOST = 'host';

    /**
     * @param  string  $check  the look or reading
     * @param  ?string  $target the part it was made on, if on one
     * @param  string  $result one of the check's results
     * @param  array<string, float>  $values measured values that led to the result, by name
     * @param  Lent  $host   the known-good machine it was made in, for a check that needs one
     * @param  array<string, string>  $checked question about the reading's set-up => yes, no or unknown
     * @param  float  $believed how far its set-up lets it be believed, 0 (says nothing) to 1
     * @param  list<string>  $also   parts of this machine that were in that other machine with it: what works there works for all of them,
     *     what fails may be any
     * @param  list<string>  $which  parts at which it was found, of several that were looked at; none where nobody said
     * @param  ?SocketMap  $contacts contacts marked, for a map of the socket
     * @param  list<string>  $spots  places on the drawing of the check at which it was found; none where nobody said
     * @param  HostSaid  $hostSaid what else was said of that other machine
     * @param  float  $sureness chance that its result is so, given how far the meter may be off, 0 to 1
     */
    public function __construct(
        Head $head,
        public string $check, public ?string $target, public string $result, public array $values, public Lent $host,
        public array $checked = [], public float $believed = 1.0, public float $sureness = 1.0, public ?SocketMap $contacts = null,
        public array $also = [], public array $which = [], public HostSaid $hostSaid = new HostSaid,
        public array $spots = [],
    ) {
        parent::__construct($head);
    }

    public function kind(): string
    {
        return 'finding';
    }
}
