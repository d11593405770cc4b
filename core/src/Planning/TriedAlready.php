<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\SetUp;

/**
 * How often a start under one set-up was made since something was done to the machine that changed how it starts with its own parts: what
 * fails after an act as before has shown that the act was none.
 */
final class TriedAlready
{
    public int $times = 0;

    /** Starts made before the last act, which count again once that has shown to be none. */
    private int $beforeTheAct = 0;

    /** @var array<string, string> how it stood, own parts in => how far it got, at last */
    private array $last = [];

    /** @var array<string, int> outcomes under the set-up */
    private array $shown = [];

    private function __construct(private readonly SetUp $setUp, private readonly Catalogue $catalogue)
    {
    }

    public static function in(Record $record, SetUp $setUp, Catalogue $catalogue): self
    {
        $tried = new self($setUp, $catalogue);
        foreach ($record->inForce as $entry) {
            if ($entry instanceof ActDone) {
                [$tried->beforeTheAct, $tried->times] = [$tried->beforeTheAct + $tried->times, 0];
            } elseif ($entry instanceof Start) {
                $tried->take($entry);
            }
        }

        return $tried;
    }

    /** Every one failed, and got as far. */
    public function failedAlike(): bool
    {
        return count($this->shown) === 1 && $this->catalogue->isFailure((string) array_key_first($this->shown));
    }

    private function take(Start $start): void
    {
        if ($start->setUp->isAtLeast(new SetUp)) {
            $how = $start->setUp->changesNoPart() ? '' : $start->setUp->key();
            $isAsBefore = $this->catalogue->isFailure($start->reached) && $start->reached === ($this->last[$how] ?? null);
            $this->times += $isAsBefore ? $this->beforeTheAct : 0;
            $this->beforeTheAct = isset($this->last[$how]) ? 0 : $this->beforeTheAct;
            $this->last[$how] = $start->reached;
        }
        if ($start->setUp->key() === $this->setUp->key()) {
            $this->times += $start->times;
            $this->shown += $start->outcomes;
        }
    }
}
