<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Proving\PlanItem;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Proving\Proof;

/**
 * What must be shown before a machine goes back, worked out from what was wrong with it and what was touched: beside the starts that
 * `Proof` asks for. Nothing on it is passed by words: each is a look, a reading or a start on the record.
 */
final readonly class Plan
{
    public const QUICK = 'quick';

    public const USUAL = 'usual';

    public const LONG = 'long';

    /** @param  list<PlannedItem>  $items */
    private function __construct(public array $items, private Proof $proof)
    {
    }

    /** @param  string  $depth how far the owner wants it proved: QUICK asks for the starts alone, and leaves the rest open */
    public static function of(Assessment $assessment, Catalogue $catalogue, string $depth = self::USUAL): self
    {
        $holds = self::conditions($assessment, $catalogue);
        $items = $seen = [];
        foreach ($depth === self::QUICK ? [] : $catalogue->proving->items as $item) {
            $why = array_values(array_intersect_key($holds, array_fill_keys($item->when, true)))[0] ?? null;
            if (
                $why === null
                || ($item->long && $depth !== self::LONG)
                || ! self::isFor($item, $assessment->machine)
                || ! self::isOfWhatCame($item, $assessment->machine, $catalogue)
                || isset($seen[self::what($item)])
            ) {
                continue;
            }
            $seen[self::what($item)] = true;
            $why = isset($item->where['uses']) ? "its owner uses it, and {$why}" : $why;
            foreach (self::targets($item, $assessment, $catalogue) as $target) {
                $items[] = self::planned($item, $target, $why, $assessment->record, $catalogue);
            }
        }

        return new self($items, $assessment->proof);
    }

    /** All is shown: what the starts must show, and what the plan asks beside them. */
    public function isComplete(): bool
    {
        return $this->proof->isComplete() && $this->owed() === [];
    }

    /** @return list<PlannedItem> what is still to do; what needs a leave that was not given is not owed, and told in the letter */
    public function owed(): array
    {
        return array_values(array_filter($this->items, fn (PlannedItem $item): bool => $item->isOwed()));
    }

    /** @return list<string> what is still to do, in words, starts first */
    public function owedInWords(): array
    {
        return [
            ...$this->proof->owed,
            ...array_map(
                fn (PlannedItem $item): string => $item->item->name
                    .($item->state === PlanState::Failed ? ": failed in entry {$item->entry}" : '')
                    .'.',
                $this->owed(),
            ),
        ];
    }

    /**
     * @return list<PlannedItem> in one state
     */
    public function in(PlanState $state): array
    {
        return array_values(array_filter($this->items, fn (PlannedItem $item): bool => $item->state === $state));
    }

    /** Whether it can be asked of this machine at all: by the parts it has, and by what is known of it. */
    private static function isFor(PlanItem $item, Machine $machine): bool
    {
        $has = match ($item->needs) {
            null => true,
            PlanItem::FREE_SLOT => count($machine->ofKind('slot')) > count($machine->ofKind('stick')),
            default => $machine->ofKind($item->needs) !== [] && ! in_array($item->needs, $machine->atHome, true),
        };
        foreach ($item->where as $fact => $word) {
            $has = $has && in_array($word, $machine->said($fact), true);
        }

        return $has;
    }

    /** Of a part that came alone nothing of the machine around it is proved; what a start shows, it shows of the part. */
    private static function isOfWhatCame(PlanItem $item, Machine $machine, Catalogue $catalogue): bool
    {
        if ($machine->alone === null || $item->check === null) {
            return true;
        }
        $check = $catalogue->check($item->check);

        return in_array($machine->alone, [$check->target, $check->at], true);
    }

    private static function what(PlanItem $item): string
    {
        return $item->check ?? json_encode($item->setUp?->toArray(), JSON_THROW_ON_ERROR);
    }

    /** @return array<string, string> condition that holds => why, in words */
    private static function conditions(Assessment $assessment, Catalogue $catalogue): array
    {
        $holds = [];
        foreach ($assessment->record->inForce as $entry) {
            if ($entry instanceof ActDone && $entry->isWork($catalogue)) {
                $holds['opened'] ??= 'it was worked on';
                foreach ($entry->on as $part) {
                    $kind = $assessment->machine->part($part)->kind;
                    $holds["acted:{$kind->id}"] ??= "{$kind->name} was worked on";
                }
            }
            if ($entry instanceof Start && $entry->setUp->place->value === 'bench') {
                $holds['opened'] ??= 'it was out of its case';
            }
        }
        if (count($assessment->machine->ofKind('drive')) > 1 && isset($holds['opened'])) {
            $holds['drives'] = 'it has more than one drive';
        }
        if (Circumstances::dropsOut($assessment->record, $catalogue)) {
            $holds['drops'] = 'it did not stay up';
        }
        $only = Circumstances::manner($assessment->record, $catalogue)?->only;
        if ($only !== null) {
            $holds["shows:{$only}"] = 'its owner says it fails only then';
        }
        foreach ($assessment->faults as $fault) {
            if ($fault->probability >= $catalogue->proving->wrongFrom && $fault->spare === null) {
                $holds["wrong:{$fault->part->kind->id}"] ??= "{$fault->part->name} may have been at fault";
                $holds["shows:{$fault->fault->shows}"] ??= 'the fault shows only then';
            }
        }

        return $holds;
    }

    /** @return list<?string> */
    private static function targets(PlanItem $item, Assessment $assessment, Catalogue $catalogue): array
    {
        $kind = $item->check === null ? null : $catalogue->check($item->check)->target;

        return $kind === null ? [null] : array_column($assessment->machine->ofKind($kind), 'id');
    }

    private static function planned(PlanItem $item, ?string $target, string $why, Record $record, Catalogue $catalogue): PlannedItem
    {
        $state = PlanState::Owed;
        $number = $result = null;
        foreach ($record->inForce as $entry) {
            if ($entry instanceof ActDone && ! $entry->begun && $catalogue->economy->wayOf($entry->act)?->id !== 'cure') {
                [$state, $number, $result] = [PlanState::Owed, null, null];
            } elseif ($item->check !== null && $entry instanceof Finding && $entry->check === $item->check && $entry->target === $target) {
                [$state, $number, $result] = [
                    $entry->result === $item->pass ? PlanState::Done : PlanState::Failed,
                    $entry->number,
                    $entry->result,
                ];
            } elseif ($item->setUp !== null && $entry instanceof Start && $entry->setUp->isAtLeast($item->setUp)) {
                [$state, $number] = [
                    $catalogue->reach($entry->reached)->firstStop === $catalogue->stageCount() ? PlanState::Done : PlanState::Failed,
                    $entry->number,
                ];
            }
        }
        if ($state === PlanState::Owed && $item->consent && ! self::hasConsent($record, $catalogue)) {
            $state = PlanState::Locked;
        }

        return new PlannedItem($item, $target, $state, $number, $why, $result);
    }

    private static function hasConsent(Record $record, Catalogue $catalogue): bool
    {
        foreach ($record->inForce as $entry) {
            if (in_array('consent-system', Circumstances::marks($entry, $catalogue), true)) {
                return true;
            }
        }

        return false;
    }
}
