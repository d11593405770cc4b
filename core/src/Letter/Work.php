<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\Words\ActInPlain;

/** What was done to a machine; where nothing was, that parts were moved for tests is said, as moving alone can cure. */
final readonly class Work
{
    public function __construct(private Assessment $assessment, private Catalogue $catalogue)
    {
    }

    /** @return list<Sentence> */
    public function sentences(): array
    {
        // What was only begun is on the record again where it was done.
        $done = array_filter($this->assessment->record->all(ActDone::class), fn (ActDone $act): bool => ! $act->begun);
        $entries = [];
        foreach ($done as $act) {
            $entries[ActInPlain::sentence($act, $this->assessment->machine, $this->catalogue)][] = $act->number;
        }
        $starts = array_column($this->assessment->record->all(Start::class), 'number');

        return match (true) {
            $entries !== [] => array_map(
                fn (string $words, array $of): Sentence => Sentence::of($words, ...$of),
                array_keys($entries),
                $entries,
            ),
            $this->wasTakenApart() => [
                Sentence::of(
                    'We replaced nothing. For our tests we took parts out or moved them, and put them back. That alone can put a '
                        .'contact right.',
                    ...$starts,
                ),
            ],
            $this->assessment->machine->alone !== null => [Sentence::of('We changed nothing on it.', ...$starts)],
            default => [Sentence::of('We changed nothing on your machine.', ...$starts)],
        };
    }

    private function wasTakenApart(): bool
    {
        foreach ($this->assessment->record->all(Start::class) as $start) {
            if (
                $start->setUp->place === Place::Bench
                || $start->setUp->lent !== []
                || $start->setUp->out !== []
                || $start->setUp->moved !== []
            ) {
                return true;
            }
        }

        return false;
    }
}
