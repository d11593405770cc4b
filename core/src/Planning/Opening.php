<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Plain\Many;

/** A locked step and what ends its locks, taken one after the other. */
final readonly class Opening
{
    /** @param  non-empty-list<Candidate>  $keys */
    public function __construct(public Weighed $opened, public array $keys)
    {
    }

    /** Minutes of all of it. */
    public function minutes(): int
    {
        return $this->opened->candidate->minutes() + $this->keyMinutes();
    }

    /** Expected minutes that all of it takes off the total, where each key turns. */
    public function saves(): float
    {
        return $this->opened->saves - $this->keyMinutes();
    }

    /** What ends the locks and what is done then: "Supply on the tester unlocks what is worth about 9 minutes: lend a stick". */
    public function inWords(): string
    {
        $names = array_map(static fn (Candidate $key): string => $key->name(), $this->keys);
        $later = array_map(lcfirst(...), array_slice($names, 1));
        $unlock = $later === [] ? 'unlocks' : 'unlock';

        return implode(' and ', [$names[0], ...$later])." {$unlock} what is worth about ".Many::of(
            max(1, (int) round($this->saves())),
            'minute',
        ).': '.lcfirst($this->opened->candidate->name());
    }

    private function keyMinutes(): int
    {
        return array_sum(array_map(static fn (Candidate $key): int => $key->minutes(), $this->keys));
    }
}
