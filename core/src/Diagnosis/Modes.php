<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Catalogue\PartKind;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\Part;
use WeakMap;

/** Every mode in question for one machine, numbered. Spares that were lent or fitted, and hosts, bring modes of their own. */
final readonly class Modes
{
    /** @var list<int> mode => index of the stage it stops */
    public array $stops;

    /** @var array<string, array<int, Mode>> fault => its modes on the machine's own parts */
    private array $byFault;

    /**
     * @param  list<Mode>  $all
     * @param  list<float>  $priors  mode => jobs in a thousand, before events
     * @param  array<string, int>  $spares  "TAG part" => mode of that spare being bad in that place
     * @param  array<int, array{list<int>, float}>  $sharesOf mode => the modes whose prior it has a share of, and that share
     * @param  bool  $ofAPartAlone one part came in, and the rest is a good machine of the shop's
     */
    private function __construct(
        public array $all,
        public array $priors,
        public array $spares,
        public array $sharesOf,
        public bool $ofAPartAlone,
    ) {
        $this->stops = array_column($all, 'stop');
        $byFault = [];
        foreach ($all as $i => $mode) {
            if ($mode->spare === null) {
                $byFault[$mode->fault->id][$i] = $mode;
            }
        }
        $this->byFault = $byFault;
    }

    /**
     * @param  list<array{string, string}>  $spares spares and hosts in question: tag and the part each stands in for or takes
     * @param  list<string>  $idle parts that have taken part in nothing so far and so explain nothing
     */
    public static function of(Machine $machine, Catalogue $catalogue, array $spares, array $idle = []): self
    {
        // One assessment asks for the same several times.
        static $latest = new WeakMap;
        [$of, $known] = $latest[$machine] ?? [null, null];
        if ($known === null || $of !== [$catalogue, $spares, $idle]) {
            $known = self::inAll($machine, $catalogue, $spares, $idle);
            $latest[$machine] = [[$catalogue, $spares, $idle], $known];
        }

        return $known;
    }

    /**
     * @param  list<array{string, string}>  $spares
     * @param  list<string>  $idle
     */
    private static function inAll(Machine $machine, Catalogue $catalogue, array $spares, array $idle): self
    {
        $own = self::own($machine, $catalogue, $idle);
        $under = self::onlyUnder($machine, $catalogue, $own);
        $all = [...$own, ...array_column($under, 0)];
        $priors = array_map(
            static fn (Mode $mode): float => $mode->fault->prior * $mode->share * self::inQuestion($mode, $machine, $catalogue),
            $own,
        );
        $sharesOf = [];
        foreach ($under as [$mode, $bases, $share]) {
            $sharesOf[count($priors)] = [$bases, $share];
            $priors[] = $share * array_sum(array_intersect_key($priors, array_flip($bases)));
        }

        return (new self($all, $priors, [], $sharesOf, $machine->alone !== null))->withSpares($spares, $machine, $catalogue);
    }

    /**
     * The same with further spares and hosts in question, numbered after all others.
     *
     * @param  list<array{string, string}>  $spares tag and the part each stands in for or takes
     */
    public function withSpares(array $spares, Machine $machine, Catalogue $catalogue): self
    {
        [$all, $priors, $bySpare] = [$this->all, $this->priors, $this->spares];
        foreach ($spares as [$tag, $part]) {
            if ($machine->has($part) && ! isset($bySpare["{$tag} {$part}"])) {
                $bySpare["{$tag} {$part}"] = count($all);
                $all[] = self::badSpare($tag, $part, $machine, $catalogue);
                $priors[] = 0.0;
            }
        }

        return count($all) === count($this->all) ? $this : new self($all, $priors, $bySpare, $this->sharesOf, $this->ofAPartAlone);
    }

    /** Where a part came alone, the machine it is tried in is known to be good as far as any host is. */
    private static function inQuestion(Mode $mode, Machine $machine, Catalogue $catalogue): float
    {
        return $mode->part === 'outside' || $machine->isOwners($machine->part($mode->part))
            ? 1.0
            : 1.0 - $catalogue->number('host_trust');
    }

    /**
     * The faults of the machine's own parts, each by the way it stops and the manner it shows.
     *
     * @param  list<string>  $idle
     * @return list<Mode>
     */
    private static function own(Machine $machine, Catalogue $catalogue, array $idle): array
    {
        $own = [];
        foreach ([...$catalogue->faults, ...self::unknown($catalogue)] as $fault) {
            $parts = array_filter($machine->ofKind($fault->part), static fn (Part $part): bool => ! in_array($part->id, $idle, true));
            $places = isset($catalogue->faults[$fault->id]) ? self::places($fault, $catalogue) : self::anyPlace($fault, $catalogue);
            foreach ($parts as $part) {
                foreach ($fault->eachChannel ? $machine->channels() : [null] as $channel) {
                    array_push($own, ...self::waysOf($fault, $places, $part, $channel, $machine, $catalogue));
                }
            }
        }

        return $own;
    }

    /**
     * @param  list<array{int, float, float}>  $places
     *
     * @return list<Mode>
     */
    private static function waysOf(Fault $of, array $places, Part $part, ?string $channel, Machine $machine, Catalogue $catalogue): array
    {
        $fault = $machine->isAtHome($part) && ! $of->comesIn ? $of->atHome() : $of;
        $modes = [];
        foreach ($places as [$stop, $share, $redrawn]) {
            foreach ($catalogue->shows[$fault->shows] as $manner) {
                $hazard = new Hazard($manner->hazards);
                $modes[] = new Mode($fault, $part->id, $stop, $hazard, $share * $manner->share, $channel, redrawn: $redrawn);
            }
        }

        return $modes;
    }

    /**
     * Where a fault stops a start: at one of its places, or, of those that wander, in some machines at each of them by turns.
     *
     * @return list<array{int, float, float}> the stage, the share of machines, and the share of starts in which it is drawn anew
     */
    private static function places(Fault $fault, Catalogue $catalogue): array
    {
        $roams = $fault->wanders ? $catalogue->number('roams') : 0.0;
        $redrawn = $fault->wanders ? $catalogue->number('other_face') : 0.0;
        $places = array_map(
            fn (array $way): array => [$catalogue->stageIndex($way['stops']), (1.0 - $roams) * $way['share'], $redrawn],
            $fault->ways,
        );

        $first = min([$catalogue->stageCount(), ...array_column($places, 0)]);

        return $roams > 0.0 ? [...$places, [$first, $roams, 1.0]] : $places;
    }

    /**
     * Faults that are there only under one condition; their priors are shares of those of the modes they go with.
     *
     * @param  list<Mode>  $own
     * @return list<array{Mode, list<int>, float}> the mode, the modes its prior is a share of, and that share
     */
    private static function onlyUnder(Machine $machine, Catalogue $catalogue, array $own): array
    {
        $at = [];
        foreach ($own as $i => $mode) {
            $at[$mode->part][$mode->stop][$mode->fault->id][] = $i;
        }
        $under = [];
        foreach (OnlyUnder::all($catalogue) as $only) {
            $stop = $catalogue->stageIndex($only->fault->ways[0]['stops']);
            foreach ($machine->ofKind($only->fault->part) as $part) {
                $bases = array_merge(...array_values(array_intersect_key($at[$part->id][$stop] ?? [], array_flip($only->bases))));
                sort($bases);
                foreach ($bases === [] ? [] : $catalogue->shows[$only->fault->shows] as $manner) {
                    $fault = $machine->isAtHome($part) ? $only->fault->atHome() : $only->fault;
                    $mode = new Mode($fault, $part->id, $stop, new Hazard($manner->hazards), $manner->share, alone: true);
                    $under[] = [$mode, $bases, $only->share * $manner->share];
                }
            }
        }

        return $under;
    }

    public function ofSpare(string $tag, string $part): ?int
    {
        return $this->spares["{$tag} {$part}"] ?? null;
    }

    /**
     * Modes of a fault that are on the machine's own parts.
     *
     * @return array<int, Mode>
     */
    public function ofFault(string $fault): array
    {
        return $this->byFault[$fault] ?? [];
    }

    /**
     * Modes of a part that are the machine's own.
     *
     * @return array<int, Mode>
     */
    public function ofPart(string $part): array
    {
        return array_filter($this->all, fn (Mode $mode): bool => $mode->part === $part && $mode->spare === null);
    }

    /**
     * Modes of a part, of all that it carries and of what it is made of.
     *
     * @return array<int, Mode>
     */
    public function carriedBy(string $part, Machine $machine): array
    {
        $kind = $machine->part($part)->kind;
        $goes = fn (string $of): bool => $of === $part
            || $machine->part($of)->kind->carrier === $kind->id
            || $machine->part($of)->kind->id === $kind->madeOf;

        return array_filter($this->all, fn (Mode $mode): bool => $mode->spare === null && $goes($mode->part));
    }

    /**
     * @param  list<int>  $faults
     * @return list<int> the earliest stop first, for that one is met first
     */
    public function byStop(array $faults): array
    {
        if (count($faults) === 2) {
            return $this->stops[$faults[0]] <= $this->stops[$faults[1]] ? $faults : [$faults[1], $faults[0]];
        }
        usort($faults, fn (int $a, int $b): int => $this->stops[$a] <=> $this->stops[$b]);

        return $faults;
    }

    /**
     * What no named fault of a kind of part covers: one fault for each kind that is bought or worked on as a whole. It mostly stops where
     * that kind does, and now and then wherever a named fault of it would.
     *
     * @return list<Fault>
     */
    private static function unknown(Catalogue $catalogue): array
    {
        $prior = [];
        foreach ($catalogue->faults as $fault) {
            $prior[$fault->part] = ($prior[$fault->part] ?? 0.0) + $fault->prior * $catalogue->number('unknown_share');
        }
        $whole = array_filter(
            $catalogue->parts,
            fn (PartKind $kind): bool => ! $kind->link && $kind->carrier === null && $kind->price > 0 && isset($prior[$kind->id]),
        );

        return array_values(
            array_map(
                fn (PartKind $kind): Fault => new Fault(
                    id: "unknown-{$kind->id}",
                    part: $kind->id,
                    name: 'a fault we cannot name',
                    plain: "{$kind->plain} had a fault we could not name",
                    shows: 'sometimes',
                    prior: $prior[$kind->id],
                    cures: ['replace' => 0.9],
                    signs: [],
                    ways: self::anyWay($kind, $catalogue),
                    wanders: true,
                ),
                $whole,
            ),
        );
    }

    /** @return list<array{stops: string, share: float}> the kind's own stage first; shares by the priors of its named faults */
    private static function anyWay(PartKind $kind, Catalogue $catalogue): array
    {
        $stops = [$kind->stage => 0.0];
        foreach ($catalogue->faults as $fault) {
            foreach ($fault->part === $kind->id ? $fault->ways : [] as $way) {
                if ($way['stops'] !== 'none') {
                    $stops[$way['stops']] = ($stops[$way['stops']] ?? 0.0) + $fault->prior * $way['share'];
                }
            }
        }
        $all = array_sum($stops);

        return array_map(
            fn (string $stage, float $weight): array => ['stops' => $stage, 'share' => $weight / $all],
            array_keys($stops),
            $stops,
        );
    }

    /** @return list<array{int, float, float}> as `places`, of a fault without a name */
    private static function anyPlace(Fault $fault, Catalogue $catalogue): array
    {
        return [[$catalogue->stageIndex($fault->ways[0]['stops']), 1.0, $catalogue->number('unknown_wanders')]];
    }

    private static function badSpare(string $tag, string $part, Machine $machine, Catalogue $catalogue): Mode
    {
        $kind = $machine->part($part)->kind;
        $fault = new Fault(
            id: "bad-{$kind->id}",
            part: $kind->id,
            name: 'spare bad',
            plain: 'a test part that was itself bad',
            shows: 'always',
            prior: 0.0,
            cures: ['replace' => 1.0],
            signs: [],
            ways: [],
        );
        // A tool that stops a board does so at the reset or where it fetches its first code: it runs and stays dark (common practice).
        $stop = $catalogue->stageIndex(Mode::isTool($tag) ? 'firmware' : $kind->stops ?? $kind->stage);

        return new Mode($fault, $part, $stop, new Hazard(['hazard' => $catalogue->number('hard_hazard')]), spare: $tag);
    }
}
