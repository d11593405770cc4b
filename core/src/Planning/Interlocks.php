<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use DateTimeImmutable;
use Exception;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Lock;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Answer;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Override;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Evidence\Start;

/** The interlocks that are on. They are not weights: what is locked is not ranked. */
final readonly class Interlocks
{
    /**
     * @param  array<string, ActiveLock>  $active
     * @param  int  $lastAct number of the last entry that changed the machine; 0 if none did
     * @param  int  $cheapLoan value, in minor units of money, up to which a spare is lent without a test of the supply: what the test costs
     */
    private function __construct(public array $active, private int $cheapLoan, private int $lastAct)
    {
    }

    /** @param  ?string  $now when it is, for locks that end by themselves; without it they have ended */
    public static function of(Record $record, Machine $machine, Catalogue $catalogue, ?string $now = null): self
    {
        $active = [];
        foreach ($catalogue->locks as $lock) {
            if (self::isOfWhatStayed($lock, $machine)) {
                continue;
            }
            $state = in_array('always', $lock->raised, true) ? new ActiveLock($lock, null) : null;
            foreach ($record->inForce as $entry) {
                $words = self::words($entry, $machine, $catalogue);
                if (array_intersect($words, $lock->cleared) !== [] || ($entry instanceof Override && $entry->lock === $lock->id)) {
                    $state = null;
                }
                if (array_intersect($words, $lock->raised) !== []) {
                    $state = new ActiveLock(
                        $lock,
                        $entry->number,
                        self::end($entry, $lock),
                        $entry instanceof Finding ? $entry->check : null,
                    );
                }
            }
            if (
                $state !== null
                && ($lock->hours === null || ($state->until !== null && $now !== null && new DateTimeImmutable($now) < $state->until))
            ) {
                $active[$lock->id] = $state;
            }
        }

        $acts = array_filter($record->all(ActDone::class), fn (ActDone $act): bool => ! $act->begun);

        return new self(
            $active,
            (int) ($catalogue->steps['supply-tester']->minutes * $catalogue->number('money_per_minute')),
            max([0, ...array_column($acts, 'number')]),
        );
    }

    /** Its own supply did not come in with a part that came alone. */
    private static function isOfWhatStayed(Lock $lock, Machine $machine): bool
    {
        return $machine->alone !== null
            && $machine->alone !== 'supply'
            && in_array($lock->blocks, ['own-supply', 'supply'], true);
    }

    /** When the first lock that ends by itself does so. */
    public function nextEnd(): ?DateTimeImmutable
    {
        $ends = array_filter(array_map(fn (ActiveLock $lock): ?DateTimeImmutable => $lock->until, $this->active));

        return $ends === [] ? null : min($ends);
    }

    private static function end(Entry $entry, Lock $lock): ?DateTimeImmutable
    {
        $hours = $entry instanceof ActDone && $entry->agent !== null ? $lock->hoursAfter[$entry->agent] ?? $lock->hours : $lock->hours;
        if ($hours === null || $entry->at === '') {
            return null;
        }
        try {
            return (new DateTimeImmutable($entry->at))->modify("+{$hours} hours");
        } catch (Exception) {
            return null;
        }
    }

    /** No step may put power on the machine. */
    public function powerIsLocked(): bool
    {
        return $this->onPower() !== [];
    }

    /** Whether it may not be switched on as it is: it goes back with a warning, and is not called ready. */
    public function keepItOff(): bool
    {
        return $this->onPower() !== [] || $this->onOwnSupply() !== [];
    }

    /**
     * The locks that keep power off, or keep it from being cut.
     *
     * @return list<ActiveLock>
     */
    public function onPower(): array
    {
        return array_values(
            array_filter($this->active, fn (ActiveLock $active): bool => in_array($active->lock->blocks, ['power', 'all'], true)),
        );
    }

    /**
     * The locks that keep mains from its own supply, while a lent one is free to run it.
     *
     * @return list<ActiveLock>
     */
    public function onOwnSupply(): array
    {
        return array_values(
            array_filter($this->active, fn (ActiveLock $active): bool => in_array($active->lock->blocks, ['own-supply', 'supply'], true)),
        );
    }

    /** Whether a lock that keeps power off is ended by an act. */
    public function waitForAct(string $act): bool
    {
        return $this->waiting("act:{$act}") !== [];
    }

    /**
     * Whether such a lock is ended by a look or a reading; not by the same one that raised it, unless something was done since, or nothing
     * may be done: then one can only look again.
     */
    public function waitForCheck(string $check): bool
    {
        return array_filter(
            $this->waiting("{$check}:"),
            fn (ActiveLock $active): bool => $active->raisedByCheck !== $check
                || $this->lastAct > $active->raisedBy
                || $active->lock->blocks === 'all',
        ) !== [];
    }

    /** @return list<ActiveLock> locks on power or on its own supply that end with something that begins with these words */
    private function waiting(string $words): array
    {
        return array_values(
            array_filter(
                [...$this->onPower(), ...$this->onOwnSupply()],
                fn (ActiveLock $active): bool => array_filter(
                    $active->lock->cleared,
                    fn (string $word): bool => $word === $words || str_starts_with($word, rtrim($words, ':').':'),
                ) !== [],
            ),
        );
    }

    /**
     * The locks in the way of a step.
     *
     * @return list<ActiveLock>
     */
    public function inTheWayOf(Candidate $candidate): array
    {
        return array_values(
            array_filter(
                $this->active,
                fn (ActiveLock $active): bool => match ($active->lock->blocks) {
                    'all' => ! $this->isLookThatEnds($candidate, $active->lock),
                    'login' => $candidate->needsConsent(),
                    'power' => $candidate->step->power,
                    'own-supply' => $candidate->ownSupply,
                    'supply' => $candidate->ownSupply
                        || ($candidate->step->power && $candidate->target?->kind->id === 'supply' && $candidate->spare === null),
                    'lend' => $candidate->spare !== null
                        && $candidate->spare->value > $this->cheapLoan
                        && $candidate->target?->kind->exposed !== false
                        && $candidate->spare->kind !== $active->lock->notWhenLent
                        && ! $this->lends($candidate, $active->lock),
                    'pins' => $candidate->step->pins,
                    default => false,
                },
            ),
        );
    }

    /** A look touches nothing: the one that ends a lock on everything is free. */
    private function isLookThatEnds(Candidate $candidate, Lock $lock): bool
    {
        $check = $candidate->step->check;

        return $check !== null
            && array_filter($lock->cleared, static fn (string $word): bool => str_starts_with($word, "{$check}:")) !== [];
    }

    private function lends(Candidate $candidate, Lock $lock): bool
    {
        return $lock->notWhenLent !== null && ($candidate->setUp?->isLent($lock->notWhenLent) ?? false);
    }

    /**
     * What an entry says in the words locks are written in.
     *
     * @return list<string>
     */
    private static function words(Entry $entry, Machine $machine, Catalogue $catalogue): array
    {
        return match (true) {
            $entry instanceof Report, $entry instanceof Answer => array_map(
                fn (string $mark): string => "mark:{$mark}",
                Circumstances::marks($entry, $catalogue),
            ),
            $entry instanceof Finding => ["{$entry->check}:{$entry->result}"],
            $entry instanceof ActDone && $entry->begun => ["begun:{$entry->act}"],
            $entry instanceof ActDone => [
                "act:{$entry->act}",
                ...array_map(fn (string $part): string => "act:{$entry->act}:{$machine->part($part)->kind->id}", $entry->on),
            ],
            $entry instanceof Start => $entry->setUp->lent === []
                ? array_map(
                    fn (string $stage): string => "start:{$stage}",
                    array_slice($catalogue->stageIds, 0, $catalogue->reach($entry->reached)->firstStop),
                )
                : [],
            default => [],
        };
    }
}
