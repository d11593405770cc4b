<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Words\StartInPlain;

/**
 * What the counter may tell an owner who asks how it stands: what was done and seen, never a cause that is not confirmed, never a promise
 * of a cure.
 */
final readonly class MayTell
{
    public function __construct(private Assessment $assessment, private Catalogue $catalogue)
    {
    }

    /** @return list<Sentence> in plain words, to be read out */
    public function sentences(): array
    {
        // As long as it is here, nobody at home can plug it in.
        $warning = $this->assessment->record->closing() === null ? [] : Warning::sentences($this->assessment->locks);

        return [...$warning, ...$this->started(), $this->cause(), $this->state()];
    }

    /** @return list<Sentence> */
    private function started(): array
    {
        $starts = $this->assessment->record->all(Start::class);
        $first = FirstStart::in($this->assessment->record, $this->assessment->machine, $this->catalogue);
        $inHosts = TriedInHosts::sentences($this->assessment->record, $this->assessment->machine, $this->catalogue);
        if ($first === null || $starts === []) {
            return $inHosts !== [] ? $inHosts : [Sentence::of('Nobody has started it here yet.')];
        }
        $last = end($starts);
        $said = [Sentence::of(StartInPlain::sentence($first->how(), $first->start, $this->catalogue), $first->start->number)];
        if ($last !== $starts[0]) {
            $again = 'We started it again'.($last->setUp->lent === [] ? '' : ', with a part of ours in it');
            $said[] = Sentence::of(StartInPlain::sentence($again, $last, $this->catalogue), $last->number);
        }

        return [...$said, ...$inHosts];
    }

    private function cause(): Sentence
    {
        return Sentence::of(
            $this->isKnown()
                ? 'The cause is known. Who works on it writes to you, or rings you.'
                : 'The cause is not known for certain yet, so we do not name one.',
        );
    }

    private function isKnown(): bool
    {
        return array_filter($this->assessment->causes(), fn ($standing): bool => $standing->confirmed) !== [];
    }

    private function state(): Sentence
    {
        $closing = $this->assessment->record->closing();

        return match (true) {
            $closing !== null && ($this->assessment->locks->keepItOff() || $closing->isWithoutRepair()) => Sentence::of(
                'It can be fetched. It is not repaired.',
                $closing->number,
            ),
            $closing !== null => Sentence::of('The work on it is done.', $closing->number),
            $this->assessment->locks->keepItOff() => Sentence::of(
                'Something we were told or saw must be cleared up before we switch it on.',
            ),
            $this->assessment->advice->state === JobState::Prove => Sentence::of(
                'It is being tested now. That takes as many starts as it needs.',
            ),
            $this->assessment->advice->state === JobState::Repair => Sentence::of(
                'We are working out what to suggest to you, and what it costs.',
            ),
            $this->isKnown() => Sentence::of('We make sure that nothing else is wrong with it.'),
            default => Sentence::of('We are still looking for the cause.'),
        };
    }
}
