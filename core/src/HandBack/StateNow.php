<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\SetUp;

/**
 * How a machine stands as it would go back, with its own parts in and nothing of ours: only what the last start so made, after the last
 * work, has shown. What runs with a part lent or out says nothing of that. A part that came alone is tried in a good machine instead.
 */
final readonly class StateNow
{
    /**
     * @param  Start|Finding|null  $shown the start, or trial of a part alone, that shows how it stands; null if none was made since the
     *     last work
     * @param  bool  $fails it failed then, or some of the times
     * @param  bool  $asBefore it failed as its owner told, or as it did before it was worked on
     * @param  ?Fault  $empty what a part fitted here has brought, and explains that it failed: then it is not as before
     */
    private function __construct(
        public Start|Finding|null $shown,
        public bool $fails,
        public bool $asBefore,
        public ?Fault $empty = null,
    ) {
    }

    public static function of(Record $record, Machine $machine, Catalogue $catalogue): self
    {
        $shown = null;
        foreach ($record->inForce as $entry) {
            $shown = match (true) {
                $entry instanceof ActDone => $entry->isWork($catalogue) ? null : $shown,
                $entry instanceof Start && $entry->setUp->isAtLeast(new SetUp) => $entry,
                default => HostTrials::of($entry, $machine, $catalogue) ?? $shown,
            };
        }
        if ($shown instanceof Finding) {
            return new self($shown, $failed = HostTrials::failed($shown, $catalogue), $failed);
        }
        $failed = array_values(array_filter(array_keys($shown->outcomes ?? []), $catalogue->isFailure(...)));
        $empty = StillEmpty::of($record, $failed, $machine, $catalogue);

        $isAsBefore = array_intersect($failed, self::before($record, $catalogue)) !== [];

        return new self($shown, $failed !== [], $empty === null && $isAsBefore, $empty);
    }

    /** @return list<string> outcomes that its owner told, or that were seen before it was worked on */
    private static function before(Record $record, Catalogue $catalogue): array
    {
        $before = [];
        foreach ($record->inForce as $entry) {
            if ($entry instanceof ActDone && $entry->isWork($catalogue)) {
                break;
            }
            array_push($before, ...match (true) {
                $entry instanceof Report => $entry->isOfThis() && $entry->reached !== null ? [$entry->reached] : [],
                $entry instanceof Start => array_keys($entry->outcomes),
                default => [],
            });
        }

        return $before;
    }

    public function runs(): bool
    {
        return $this->shown !== null && ! $this->fails;
    }
}
