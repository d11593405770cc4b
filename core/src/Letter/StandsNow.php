<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\HandBack\HostTrials;
use Orthoscope\Core\HandBack\StateNow;
use Orthoscope\Core\Words\StartInPlain;

/** How it stands as its owner gets it back, where it does not run well, or where nobody has seen it run so. */
final readonly class StandsNow
{
    private StateNow $now;

    public function __construct(private Assessment $assessment, private Catalogue $catalogue)
    {
        $this->now = StateNow::of($assessment->record, $assessment->machine, $catalogue);
    }

    /** @return list<Sentence> */
    public function sentences(): array
    {
        $closing = $this->assessment->record->closing();
        $ended = match ($closing?->outcome) {
            'unrepaired' => 'We give it back unrepaired.',
            'written-off' => 'We have written it off: it is not repaired.',
            default => null,
        };

        return [
            ...$closing === null || $ended === null ? [] : [Sentence::of($ended, $closing->number)],
            ...match (true) {
                ! $this->wasTried(), $this->now->runs() => [],
                $this->now->shown === null => $this->unseen(),
                default => $this->failing($this->now->shown),
            },
        ];
    }

    private function wasTried(): bool
    {
        return $this->assessment->record->lastStart() !== null || $this->trials() !== [];
    }

    /** @return list<Finding> */
    private function trials(): array
    {
        return HostTrials::in($this->assessment->record, $this->assessment->machine, $this->catalogue);
    }

    /** @return list<Sentence> */
    private function unseen(): array
    {
        $work = array_filter($this->assessment->record->all(ActDone::class), fn (ActDone $act): bool => $act->isWork($this->catalogue));
        $since = $work === [] ? 'We have' : 'Since our last work we have';
        $how = $this->assessment->machine->alone === null ? 'started it with only its own parts in' : 'tried it';

        return [Sentence::of("{$since} not {$how}. So we cannot say how it runs now.", ...array_column($work, 'number'))];
    }

    /** @return list<Sentence> */
    private function failing(Start|Finding $shown): array
    {
        $how = $this->assessment->machine->alone === null ? 'We last started it with its own parts in' : 'We last tried it';
        $tried = [...$this->assessment->record->all(Start::class), ...$this->trials()];
        $words = $shown instanceof Start
            ? StartInPlain::sentence($how, $shown, $this->catalogue)
            : 'When we last tried it in a good machine of ours, it failed.';

        return [
            ...$shown === $tried[0] ? [] : [Sentence::of($words, $shown->number)],
            Sentence::of(match (true) {
                $this->now->empty?->empty !== null => $this->now->empty->empty,
                $this->now->asBefore => 'The trouble is not put right.',
                default => 'So it does not run as it should yet.',
            }, $shown->number),
        ];
    }
}
