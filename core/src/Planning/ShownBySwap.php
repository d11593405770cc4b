<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Statistics\Beta;

/**
 * Whether it ran with another part in its place by more than luck. What fails at every start is shown by one; what runs now and then with
 * its own, or fails only at work, by as many as its own would hardly have made.
 */
final readonly class ShownBySwap
{
    public function __construct(private Record $record, private Catalogue $catalogue)
    {
    }

    public function isMoreThanLuck(string $part): bool
    {
        $starts = $this->record->all(Start::class);
        $own = array_filter($starts, fn (Start $start): bool => $start->setUp->hasOwn($part));
        $lent = array_filter($starts, fn (Start $start): bool => $start->setUp->isLent($part));
        if (array_filter($own, $this->ranOnce(...)) === []) {
            return true;
        }
        if (array_filter($lent, $this->failedOnce(...)) !== []) {
            return false;
        }
        $asHard = array_filter($own, fn (Start $start): bool => $this->isAsHardAsAny($start, $lent));
        $failed = array_sum(array_map($this->failures(...), $asHard));
        $passed = array_sum(array_column($asHard, 'times')) - $failed;
        $luck = Beta::of($failed + 0.5, $passed + 0.5)->noneIn(array_sum(array_column($lent, 'times')));

        return $luck <= $this->catalogue->number('comeback_risk');
    }

    /** @param  array<int, Start>  $others */
    private function isAsHardAsAny(Start $start, array $others): bool
    {
        return array_filter($others, static fn (Start $one): bool => $start->setUp->isAsHardAs($one->setUp)) !== [];
    }

    private function ranOnce(Start $start): bool
    {
        return ! $this->catalogue->isFailure($start->best());
    }

    private function failedOnce(Start $start): bool
    {
        return $this->catalogue->isFailure($start->reached);
    }

    private function failures(Start $start): int
    {
        $failed = array_filter($start->outcomes, $this->catalogue->isFailure(...), ARRAY_FILTER_USE_KEY);

        return array_sum($failed);
    }
}
