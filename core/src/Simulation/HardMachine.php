<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Hazard;
use Orthoscope\Core\Diagnosis\StartModel;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;

/** A machine of the hard world. It shares with the adviser what parts a set-up uses and moves, and nothing of its chances. */
final class HardMachine implements HiddenMachine
{
    private const OFF_BY_A_STAGE = 0.03;

    private const BLUR = 0.15;

    private const LOOK_NOISE = 0.03;

    private const WRONG_COMPLAINT = 0.2;

    private readonly Catalogue $catalogue;

    /** @var array<int, Trouble> those that are there now */
    private array $troubles;

    /** @var array<string, true> parts that are or were at fault */
    private array $had = [];

    /** @var array<string, bool> "tag part" => bad */
    private array $bad = [];

    /** @var array<string, string> */
    private array $shown = [];

    /** @var array<string, true> */
    private array $fitted = [];

    private SetUp $setUp;

    private readonly bool $badShelf;

    private readonly bool $lampsSwapped;

    private readonly float $sharpness;

    /** @param  list<Trouble>  $causes */
    public function __construct(private readonly StartModel $model, private readonly array $causes, private readonly Draw $draw)
    {
        $this->catalogue = $model->catalogue;
        $this->troubles = $causes;
        foreach ($causes as $trouble) {
            $this->had[$trouble->part] = true;
        }
        $this->setUp = new SetUp;
        $this->badShelf = $draw->happens(0.02);
        $this->lampsSwapped = $draw->happens(0.08);
        $this->sharpness = 0.8 + 0.2 * $draw->unit();
    }

    public function machine(): Machine
    {
        return $this->model->machine;
    }

    public function report(): array
    {
        $told = match (true) {
            $this->draw->happens(self::WRONG_COMPLAINT) => $this->draw->oneOf(['nothing', 'dark', 'dark', 'no-system', 'drops']),
            default => $this->outcome(new SetUp(place: Place::Owner))['reached'],
        };

        return ['kind' => 'report', 'events' => ['none'], 'marks' => ['consent-system'], 'reached' => $told];
    }

    public function start(SetUp $setUp): array
    {
        $this->move($this->model->disturbed($this->setUp, $setUp));
        $this->setUp = $setUp;
        foreach ($setUp->lent as $part => $lent) {
            $this->bad["{$lent->tag} {$part}"] ??= $this->draw->happens($this->badShelf ? 0.5 : 0.025);
        }

        return $this->outcome($setUp);
    }

    public function look(Check $check, ?string $target): string
    {
        $result = $this->draw->happens(self::LOOK_NOISE) ? $this->draw->oneOf($check->results)->id : $this->found($check, $target);
        $this->move($this->model->movedFor($check, $target));

        return $result;
    }

    public function act(string $act, array $on): void
    {
        foreach ($this->troubles as $i => $trouble) {
            $cure = $trouble->fault->cures[$act] ?? 0.0;
            if (in_array($trouble->part, $on, true) && $this->draw->happens($cure ** (1.0 + 0.5 * $this->draw->unit()))) {
                unset($this->troubles[$i]);
            }
        }
    }

    public function fit(string $part): void
    {
        $kind = $this->machine()->part($part)->kind->id;
        foreach ($this->troubles as $i => $trouble) {
            $belongs = $trouble->part === $part || $this->machine()->part($trouble->part)->kind->carrier === $kind;
            if ($belongs && $this->draw->happens(0.97)) {
                unset($this->troubles[$i]);
            }
        }
        $this->move($this->model->partsOfKinds($this->machine()->part($part)->kind->disturbs));
        $this->fitted[$part] = true;
        $this->bad[CatalogueMachine::NEW." {$part}"] = $this->draw->happens(0.04);
    }

    public function atOwner(SetUp $setUp): string
    {
        return $this->outcome($setUp)['reached'];
    }

    public function isSound(): bool
    {
        foreach (array_keys($this->fitted) as $part) {
            if ($this->bad[CatalogueMachine::NEW." {$part}"]) {
                return false;
            }
        }

        return $this->troubles === [];
    }

    public function atFault(): array
    {
        return $this->had;
    }

    public function causes(): array
    {
        return array_map(fn (Trouble $trouble): array => [$trouble->fault->id ?? 'unheard-of', $trouble->part], $this->causes);
    }

    public function usualRepair(string $fault): string
    {
        return isset($this->catalogue->faults[$fault]) ? $this->catalogue->fault($fault)->usualRepair() : 'replace';
    }

    public function harms(): float
    {
        return array_sum(array_map(fn (Trouble $trouble): float => $trouble->fault->harms ?? 0.0, $this->troubles));
    }

    /** Nobody misreads in this world: its machines are odd instead. */
    public function wasMisread(): bool
    {
        return false;
    }

    /** @param  array<string, true>  $moved */
    private function move(array $moved): void
    {
        foreach ($this->troubles as $i => $trouble) {
            if (isset($moved[$trouble->part]) && $this->draw->happens(0.9 * ($trouble->fault->cures['reseat'] ?? 0.0))) {
                unset($this->troubles[$i]);
            }
        }
    }

    /** @return array{reached: string, signs: array<string, string>} */
    private function outcome(SetUp $setUp): array
    {
        $sticks = count(array_filter($this->machine()->ofKind('stick'), fn ($stick): bool => $setUp->hasOwn($stick->id)));
        $conditions = Hazard::conditions($setUp, $sticks, $this->machine()->has('card') && ! $setUp->isOut('card'));
        $stop = $this->model->cut($setUp);
        $by = "cut {$stop}";
        $instead = [];
        foreach ($this->troubles as $i => $trouble) {
            $in = $this->model->uses($trouble->part, $setUp) && ($trouble->fault === null || $this->model->isMet($trouble->fault, $setUp));
            $words = $trouble->channel === null ? $conditions : [$this->holds($trouble->channel, $setUp) ? 'used' : 'unused'];
            if ($in && $trouble->stop < $stop && $this->draw->happens($trouble->hazard($words))) {
                [$stop, $by, $instead] = [$trouble->stop, "trouble {$i}", $trouble->fault->signs ?? []];
            }
        }
        foreach (array_keys(array_filter($this->bad)) as $spare) {
            [$tag, $part] = explode(' ', $spare, 2);
            $in = ($setUp->lent[$part]->tag ?? null) === $tag
                || ($tag === CatalogueMachine::NEW && isset($this->fitted[$part]) && $setUp->hasOwn($part));
            $kind = $this->machine()->has($part) ? $this->machine()->part($part)->kind : null;
            if ($in && $kind !== null) {
                $at = $this->catalogue->stageIndex($kind->stops ?? $kind->stage);
                [$stop, $by] = $at < $stop ? [$at, "spare {$spare}"] : [$stop, $by];
            }
        }
        if ($this->draw->happens(self::OFF_BY_A_STAGE)) {
            $stop = max(0, min($this->catalogue->stageCount(), $stop + $this->draw->oneOf([-1, 1])));
        }

        return ['reached' => $this->catalogue->reachAt($stop)->id, 'signs' => $this->signs($by, $stop, $instead)];
    }

    private function holds(string $channel, SetUp $setUp): bool
    {
        foreach ($this->machine()->ofKind('stick') as $stick) {
            $slot = $this->machine()->slotOf($stick->id, $setUp);
            if ($slot !== null && Machine::channelOf($slot) === $channel) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, array<string, float>>  $instead
     *
     * @return array<string, string>
     */
    private function signs(string $by, int $stop, array $instead): array
    {
        $signs = [];
        foreach (['lamp', 'beeps', 'code', 'fans'] as $channel) {
            $sign = $this->catalogue->sign($channel);
            if ($sign->needs !== null && ! $this->machine()->facts[$sign->needs]) {
                continue;
            }
            $shares = [];
            foreach (array_keys($sign->values) as $value) {
                $shares[$value] =
                    (1.0 - self::BLUR) * $sign->share((string) $value, $this->catalogue->stopId($stop), $instead[$channel] ?? null, 0.0)
                    + self::BLUR / count($sign->values);
            }
            $value = $this->shown["{$by} {$channel}"] ?? (string) $this->draw->weighed($shares);
            if ($this->draw->happens(0.1)) {
                $value = (string) $this->draw->weighed($shares);
            }
            $this->shown["{$by} {$channel}"] = $value;
            $signs[$channel] =
                $this->lampsSwapped && $channel === 'lamp' ? ['memory' => 'graphics', 'graphics' => 'memory'][$value] ?? $value : $value;
        }

        return $signs;
    }

    private function found(Check $check, ?string $target): string
    {
        if ($check->host && $target !== null && ($this->bad["host {$target}"] ??= $this->draw->happens(0.025))) {
            return $check->results[0]->id;
        }
        foreach ($check->results as $result) {
            foreach ($this->troubles as $trouble) {
                $about = $target === null || $target === $trouble->part;
                if ($about && $this->draw->happens($this->sharpness * ($result->shows[$trouble->fault->id ?? ''] ?? 0.0))) {
                    return $result->id;
                }
            }
        }

        return $check->clearResult()->id;
    }
}
