<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Evidence\Record;

/** Turns belief and grounds into a standing for every part. Low probability alone never clears an untested part. */
final readonly class Standings
{
    public function __construct(private Replay $replay, private Grounds $grounds, private ?StopEstimate $stop, private Record $record)
    {
    }

    /** @return array<string, PartStanding> by part, in the order of the chain */
    public function all(): array
    {
        $all = [];
        foreach ($this->replay->model->machine->parts as $part) {
            $fitted = $this->replay->fitted[$part->id] ?? null;
            $own = $this->of($part, $this->replay->model->modes->ofPart($part->id), null, null);
            $all[$part->id] = $fitted === null ? $own : $this->of($part, $this->modesOfNew($fitted, $part), $fitted, $own);
        }

        return $all;
    }

    /** @param  array<int, mixed>  $modes what can be wrong with it, keyed by mode */
    private function of(Part $part, array $modes, ?string $fitted, ?PartStanding $replaced): PartStanding
    {
        $had = $this->replay->belief->hadAny($modes);
        $now = $this->replay->belief->hasAny($modes);
        $standing = $this->standing($part->id, $had, $now, $fitted !== null);

        return new PartStanding(
            $part, $standing, $had, $now, $this->because($part->id, $standing), $this->replay->setUp->stateOf($part->id), $fitted, $replaced,
        );
    }

    /** @return array<int, true> */
    private function modesOfNew(string $tag, Part $part): array
    {
        $mode = $this->replay->model->modes->ofSpare($tag, $part->id);

        return $mode === null ? [] : [$mode => true];
    }

    private function standing(string $part, float $had, float $now, bool $fitted): Standing
    {
        $catalogue = $this->replay->model->catalogue;
        $grounds = $this->grounds;
        if ($part === 'outside') {
            return $had >= $catalogue->number('suspect_from') ? Standing::Suspect : Standing::NotTested;
        }

        return match (true) {
            ! $fitted && $had >= $catalogue->number('condemned_from') && $grounds->has($part, Ground::CameBack, Ground::Seen) => Standing::Condemned,
            ! $fitted && $had >= $catalogue->number('provisional_from') && $grounds->has($part, Ground::Improved, Ground::CameBack) => Standing::Provisional,
            $now <= $catalogue->number('proved_below') && $grounds->has($part, Ground::Passed, Ground::LookedGood) && ($had <= 0.1 || $fitted) => Standing::Proved,
            $had < $catalogue->number('alone_below') && $grounds->has($part, Ground::NoChange) => Standing::NotAlone,
            $had >= $catalogue->number('suspect_from') => Standing::Suspect,
            $this->isHidden($part) => Standing::Hidden,
            default => Standing::NotTested,
        };
    }

    private function isHidden(string $part): bool
    {
        if ($this->stop === null || $this->record->lastStart() === null) {
            return false;
        }
        $model = $this->replay->model;

        return $this->stop->tried($model->catalogue->stageIndex($model->machine->part($part)->kind->stage)) < 0.1;
    }

    /** @return list<Because> */
    private function because(string $part, Standing $standing): array
    {
        return match ($standing) {
            Standing::Condemned => $this->grounds->ofKind($part, Ground::Improved, Ground::CameBack, Ground::Seen),
            Standing::Provisional => $this->grounds->ofKind($part, Ground::Improved, Ground::CameBack),
            Standing::Proved => $this->grounds->ofKind($part, Ground::Passed, Ground::LookedGood),
            Standing::NotAlone => $this->grounds->ofKind($part, Ground::NoChange, Ground::LookedGood),
            Standing::Suspect => $this->grounds->ofKind($part, Ground::NoChange, Ground::Improved, Ground::Seen, Ground::LookedGood),
            Standing::Hidden => [],
            Standing::NotTested => $this->grounds->ofKind($part, Ground::LookedGood),
        };
    }
}
