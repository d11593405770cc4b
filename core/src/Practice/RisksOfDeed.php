<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Plain\Percent;
use Orthoscope\Core\Planning\ActiveLock;

/** Which risks one deed ran, by what was known before it and by what the machine hides. */
final readonly class RisksOfDeed
{
    /** @param  list<string>  $guilty parts at fault */
    public function __construct(private Catalogue $catalogue, private array $guilty)
    {
    }

    /**
     * @param  float  $harms chance that a good part lent now comes to harm, as the machine is
     *
     * @return list<RiskRun>
     */
    public function of(Entry $entry, Assessment $before, float $harms): array
    {
        return match (true) {
            $entry instanceof Start => [...self::powered($entry, $before), ...$this->lent($entry, $before, $harms)],
            $entry instanceof ActDone => $this->bought($entry, $before),
            default => [],
        };
    }

    /** @return list<RiskRun> */
    private static function powered(Start $start, Assessment $before): array
    {
        $locks = $before->locks->onPower();
        if ($start->setUp->hasOwn('supply')) {
            $locks = [...$locks, ...$before->locks->onOwnSupply()];
        }

        return array_map(fn (ActiveLock $active): RiskRun => RiskRun::powered($active->lock->name, $active->lock->sentence), $locks);
    }

    /** @return list<RiskRun> */
    private function lent(Start $start, Assessment $before, float $harms): array
    {
        if (! $start->setUp->hasOwn('supply') || $this->supplyIsTested($before->record)) {
            return [];
        }
        $risks = [];
        foreach (array_keys($start->setUp->lent) as $part) {
            $kind = $before->machine->part($part)->kind;
            if ($kind->exposed) {
                $risks[] = RiskRun::lentToUntested(lcfirst($before->machine->part($part)->name), $harms, $kind->price);
            }
        }

        return $risks;
    }

    /** By a tester, in a host, or by a start that ran on it until the firmware did: it fed a board then. */
    private function supplyIsTested(Record $record): bool
    {
        foreach ($record->inForce as $entry) {
            $passed = $entry instanceof Finding
                && in_array($entry->check, ['supply-test', 'supply-in-host'], true)
                && ! $this->catalogue->check($entry->check)->result($entry->result)->findsSomething();
            $ran = $entry instanceof Start
                && $entry->setUp->hasOwn('supply')
                && $this->catalogue->reach($entry->reached)->firstStop > $this->catalogue->stageIndex('firmware');
            $isNew = $entry instanceof ActDone && $entry->act === 'replace' && in_array('supply', $entry->on, true);
            if ($passed || $ran || $isNew) {
                return true;
            }
        }

        return false;
    }

    /** @return list<RiskRun> */
    private function bought(ActDone $act, Assessment $before): array
    {
        if (! $this->catalogue->act($act->act)->buysPart) {
            return [];
        }
        $risks = [];
        foreach ($act->on as $part) {
            $standing = $before->standings[$part] ?? null;
            $name = $before->machine->part($part)->name;
            if ($standing !== null && $standing->standing !== Standing::Condemned) {
                $risks[] = RiskRun::boughtUnproved($name, Percent::whole($standing->probability));
            }
            if (! $this->hadToGo($part, $before)) {
                $risks[] = RiskRun::boughtGood($name, $before->machine->part($part)->kind->price);
            }
        }

        return $risks;
    }

    /** It was at fault, or carries a part that was. */
    private function hadToGo(string $part, Assessment $before): bool
    {
        $kind = $before->machine->part($part)->kind->id;
        foreach ($this->guilty as $guilty) {
            if ($guilty === $part || $before->machine->part($guilty)->kind->carrier === $kind) {
                return true;
            }
        }

        return false;
    }
}
