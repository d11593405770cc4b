<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use LogicException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Modes;
use Orthoscope\Core\Diagnosis\StartModel;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;

/** A machine that behaves as the catalogue says. What persists is drawn once: bad spares, bad hosts, how a stop shows itself. */
final class CatalogueMachine implements HiddenMachine
{
    /** Tag of new parts and of spares from a well-stocked shelf. */
    public const NEW = 'new';

    private readonly Catalogue $catalogue;

    /** @var array<int, true> modes that are there now */
    private array $alive;

    /** @var array<int, true> modes that are or were there */
    private array $had;

    private SetUp $setUp;

    /** @var array<string, string> part => tag of the new part */
    private array $fitted = [];

    /** @var array<string, bool> "TAG part" => it is bad */
    private array $bad = [];

    /** @var array<string, string> "mode or stop, channel" => what it showed */
    private array $shown = [];

    private bool $wet;

    private bool $misread = false;

    /** Luck of what is being done now. */
    private Draw $draw;

    /** @param  list<int>  $faults */
    public function __construct(
        private readonly StartModel $model,
        private readonly array $faults,
        private readonly string $event,
        private readonly Luck $luck,
        private readonly Staged $staged = new Staged,
    ) {
        $this->catalogue = $model->catalogue;
        $this->draw = $luck->of('nothing yet');
        $this->wet = in_array('liquid', $staged->marks, true);
        $this->alive = $this->had = array_fill_keys($faults, true);
        $this->setUp = new SetUp;
    }

    /** Every way of every part of a machine that may be at fault, with every spare and new part that may come into it. */
    public static function modes(Machine $machine, Catalogue $catalogue): Modes
    {
        $idle = array_values(array_diff(array_column($machine->ofKind('slot'), 'id'), $machine->slots));

        return Modes::of($machine, $catalogue, self::spares($machine), $idle);
    }

    /** @return list<array{string, string}> every spare and new part that may come into it */
    public static function spares(Machine $machine): array
    {
        $spares = [];
        foreach ($machine->parts as $part) {
            $spares[] = ["any-{$part->kind->id}", $part->id];
            $spares[] = [self::NEW, $part->id];
        }

        return $spares;
    }

    public function machine(): Machine
    {
        return $this->model->machine;
    }

    public function report(): array
    {
        $this->draw = $this->luck->of('told');
        $report = ['kind' => 'report', 'events' => [$this->event], 'marks' => ['consent-system', ...$this->staged->marks]];
        $seen = $this->outcome(new SetUp(place: Place::Owner));
        $report['reached'] = $this->staged->told ?? $this->told($seen['reached']);

        return $report;
    }

    /** Who tells it may have it wrong. */
    private function told(string $seen): string
    {
        return $this->draw->happens($this->catalogue->number('trust_seen')) ? $seen : $this->anyReach();
    }

    public function start(SetUp $setUp): array
    {
        $this->draw = $this->luck->of("start {$setUp->key()}");
        $moved = $this->model->disturbed($this->setUp, $setUp);
        $this->cure($this->model->cures('reseat', $moved));
        $this->bringAbout($this->model->arising($moved, $setUp));
        $this->setUp = $setUp;
        foreach ($setUp->lent as $part => $lent) {
            $this->meet($lent->tag, $part, 1.0 - $lent->trust);
        }

        return $this->outcome($setUp);
    }

    public function look(Check $check, ?string $target): string
    {
        $this->draw = $this->luck->of("look {$check->id} {$target}");
        $this->misread = ! $this->staged->noSlips && $this->draw->happens($this->catalogue->number('check_noise'));
        $result = $this->misread ? $this->draw->oneOf($check->results)->id : $this->found($check, $target);
        $moved = $this->model->movedFor($check, $target);
        $this->cure($this->model->cures('reseat', $moved));
        $this->bringAbout($this->model->arising($moved, $this->setUp));

        return $this->wet && in_array('liquid', array_column($check->results, 'id'), true) ? 'liquid' : $result;
    }

    /** A slip may still hit on what was there. */
    public function wasMisread(): bool
    {
        return $this->misread;
    }

    public function act(string $act, array $on): void
    {
        $this->draw = $this->luck->of("act {$act} ".implode(' ', $on));
        $this->wet = $this->wet && $act !== 'dry';
        $this->cure($this->model->cures($act, array_fill_keys($on, true)));
    }

    public function fit(string $part): void
    {
        $this->draw = $this->luck->of("fit {$part}");
        $moved = $this->model->partsOfKinds($this->machine()->part($part)->kind->disturbs);
        $gone = array_map(
            fn (Mode $mode): float => $mode->fault->cures['replace'] ?? 1.0,
            $this->model->modes->carriedBy($part, $this->machine()),
        );
        $this->cure($gone + $this->model->cures('replace', [$part => true]) + $this->model->cures('reseat', $moved));
        $this->bringAbout($this->model->arising($moved, $this->setUp) + $this->model->comingWith([$part => true]));
        $this->fitted[$part] = self::NEW;
        unset($this->bad[self::NEW." {$part}"]);
        $this->forget(self::NEW, $part);
        $this->meet(self::NEW, $part, 1.0 - $this->catalogue->number('new_part_trust'));
    }

    public function atOwner(SetUp $setUp): string
    {
        $this->draw = $this->luck->of("at its owner's {$setUp->key()}");

        return $this->outcome($setUp)['reached'];
    }

    public function isSound(): bool
    {
        foreach (array_keys($this->alive) as $mode) {
            $how = $this->model->modes->all[$mode];
            if ($how->spare === null || ($this->fitted[$how->part] ?? null) === $how->spare) {
                return false;
            }
        }

        return true;
    }

    public function atFault(): array
    {
        $parts = [];
        foreach (array_keys($this->had) as $mode) {
            $parts[$this->model->modes->all[$mode]->part] = true;
        }

        return $parts;
    }

    public function causes(): array
    {
        return array_map(
            fn (int $mode): array => [$this->model->modes->all[$mode]->fault->id, $this->model->modes->all[$mode]->part],
            $this->faults,
        );
    }

    public function usualRepair(string $fault): string
    {
        foreach ($this->faults as $mode) {
            if ($this->model->modes->all[$mode]->fault->id === $fault) {
                return $this->model->modes->all[$mode]->fault->usualRepair();
            }
        }

        throw new LogicException("Nothing here ever had the fault {$fault}.");
    }

    public function harms(): float
    {
        $safe = 1.0;
        foreach (array_keys($this->alive) as $mode) {
            $safe *= 1.0 - $this->model->modes->all[$mode]->fault->harms;
        }

        return 1.0 - $safe;
    }

    /** @return array{reached: string, signs: array<string, string>} */
    private function outcome(SetUp $setUp): array
    {
        $this->misread = ! $this->staged->noSlips && $this->draw->happens($this->catalogue->number('record_noise'));
        if ($this->misread) {
            return ['reached' => $this->anyReach(), 'signs' => []];
        }
        $hazards = $this->model->hazards($setUp, $this->fitted);
        $cut = $this->model->cut($setUp);
        foreach ($this->model->modes->byStop(array_keys($this->alive)) as $mode) {
            $stop = $this->model->modes->stops[$mode];
            if ($stop < $cut && $this->draw->happens($hazards[$mode] ?? 0.0)) {
                return [
                    'reached' => $this->catalogue->reachAt($stop)->id,
                    'signs' => $this->signs("mode {$mode}", $stop, $this->model->modes->all[$mode]->fault->signs),
                ];
            }
        }

        return ['reached' => $this->catalogue->reachAt($cut)->id, 'signs' => $this->signs("cut {$cut}", $cut, [])];
    }

    /**
     * @param  array<string, array<string, float>>  $instead
     *
     * @return array<string, string>
     */
    private function signs(string $by, int $stop, array $instead): array
    {
        $signs = [];
        foreach ($this->staged->signs as $channel) {
            $sign = $this->catalogue->sign($channel);
            if (! self::canBeSeen($channel, $this->catalogue->reachAt($stop)->id)) {
                continue;
            }
            if ($sign->needs !== null && ! $this->machine()->facts[$sign->needs]) {
                continue;
            }
            $before = $this->shown["{$by} {$channel}"] ?? null;
            if ($before === null || ! $this->draw->happens($this->catalogue->number('sign_persists'))) {
                $shares = [];
                foreach (array_keys($sign->values) as $value) {
                    $shares[$value] = $sign->share(
                        (string) $value,
                        $this->catalogue->stopId($stop),
                        $instead[$channel] ?? null,
                        $this->catalogue->number('sign_noise'),
                    );
                }
                $before = (string) $this->draw->weighed($this->withoutSlips($shares));
            }
            $signs[$channel] = $this->shown["{$by} {$channel}"] = $before;
        }

        return $signs;
    }

    /**
     * @param  array<array-key, float>  $shares value of a sign => how often it shows
     *
     * @return array<array-key, float>
     */
    private function withoutSlips(array $shares): array
    {
        return $this->staged->noSlips ? array_filter($shares, fn (float $share): bool => $share >= Staged::SLIP) : $shares;
    }

    /** There is a picture to look at only where one came up, and something to lose only where it ran. */
    private static function canBeSeen(string $channel, string $reached): bool
    {
        return match ($channel) {
            'image' => ! in_array($reached, ['nothing', 'twitch', 'dark'], true),
            'lost', 'drop' => $reached === 'drops',
            default => true,
        };
    }

    private function found(Check $check, ?string $target): string
    {
        $isBad = $check->host && $target !== null && $this->isBadHost($target);
        if ($isBad && $this->draw->happens($this->catalogue->number('bad_host_fails'))) {
            return $check->results[0]->id;
        }
        foreach ($check->results as $result) {
            foreach (array_keys($this->alive) as $mode) {
                $how = $this->model->modes->all[$mode];
                if (
                    $how->spare === null
                    && ($target === null || $target === $how->part)
                    && $this->draw->happens($result->shows[$how->fault->id] ?? 0.0)
                ) {
                    return $result->id;
                }
            }
        }

        return $check->clearResult()->id;
    }

    private function isBadHost(string $target): bool
    {
        return $this->bad["host {$target}"] ??= $this->luck->of("host {$target}")->happens(1.0 - $this->catalogue->number('host_trust'));
    }

    /** A part that was never here comes into it, good or bad. */
    private function meet(string $tag, string $part, float $bad): void
    {
        if (! isset($this->bad["{$tag} {$part}"])) {
            $isBad = $this->luck->of("spare {$tag} {$part}")->happens($bad);
            $this->bad["{$tag} {$part}"] = $isBad || ($tag !== self::NEW && in_array($part, $this->staged->badSpares, true));
            $mode = $this->model->modes->ofSpare($tag, $part);
            if ($mode !== null && $this->bad["{$tag} {$part}"]) {
                $this->alive[$mode] = true;
            }
        }
    }

    private function forget(string $tag, string $part): void
    {
        $mode = $this->model->modes->ofSpare($tag, $part);
        if ($mode !== null) {
            unset($this->alive[$mode]);
        }
    }

    /** @param  array<int, float>  $cures mode => probability */
    private function cure(array $cures): void
    {
        foreach ($cures as $mode => $p) {
            if (isset($this->alive[$mode]) && $this->draw->happens($p)) {
                unset($this->alive[$mode]);
            }
        }
    }

    /** @param  array<int, float>  $arising mode => probability */
    private function bringAbout(array $arising): void
    {
        foreach ($arising as $mode => $p) {
            if ($this->draw->happens($p)) {
                $this->alive[$mode] = $this->had[$mode] = true;
            }
        }
    }

    private function anyReach(): string
    {
        return $this->draw->oneOf($this->catalogue->closedReaches())->id;
    }
}
