<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Planning\Candidate;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\Temperature;
use Orthoscope\Core\Shelf\Shelf;

/** One job played by one policy, from the owner's report to a machine that runs, a hand-over or the time box. */
final class Play
{
    /** Bench minutes after which a job is given up. Origin: judgement. */
    public const TIME_BOX = 480;

    /** Probability from which a repair is done when the time is up. Origin: judgement. */
    private const DECIDED_FROM = 0.5;

    /** Minutes it takes to hand a machine to a specialist. Origin: judgement. */
    private const HAND_OVER_MINUTES = 10;

    /** Minutes it takes to take a machine in again. Origin: judgement. */
    private const COMEBACK_MINUTES = 20;

    /** Comebacks after which a job counts as it stands. Origin: judgement. */
    private const COMEBACKS = 2;

    private int $comebacks = 0;

    private float $minutes = 0.0;

    private int $lent = 0;

    private int $harmed = 0;

    /** @var array<string, true> parts replaced */
    private array $replaced = [];

    /** @var array<string, true> parts that ever stood condemned */
    private array $condemned = [];

    /** @var list<array{float, bool, string}> stated probability of a part, whether it was at fault, and the part */
    private array $stated = [];

    /** @var array<int, true> entries said to be probably wrong */
    private array $named = [];

    /** Whether it was said at some time that the entries do not fit together. */
    private bool $saidNotToFit = false;

    /** @var array<string, true> parts said to work that were at fault */
    private array $provedWrongly = [];

    private ?Replay $few = null;

    private readonly Bench $bench;

    private readonly Shelf $shelf;

    private readonly Adviser $adviser;

    private function __construct(
        private readonly Catalogue $catalogue,
        HiddenMachine $hidden,
        private readonly Policy $policy,
        private readonly Draw $draw,
    ) {
        $this->bench = new Bench($catalogue, $hidden);
        $this->shelf = Shelf::wellStocked($catalogue);
        $this->adviser = new Adviser($catalogue, $hidden->machine(), $this->shelf);
    }

    /** @param  Catalogue  $catalogue what the adviser believes */
    public static function of(Catalogue $catalogue, HiddenMachine $hidden, Policy $policy, Draw $draw): Result
    {
        return (new self($catalogue, $hidden, $policy, $draw))->play();
    }

    private function play(): Result
    {
        $end = null;
        while ($end === null) {
            $view = $this->view();
            if ($this->minutes > self::TIME_BOX) {
                $this->decideAtLast($view);
                $end = 'given-up';
                break;
            }
            $end = $this->make($this->policy->next($view));
            if ($end === 'finished' && $this->comesBack()) {
                $end = null;
            }
        }
        $wrong = array_filter($this->replaced, fn (string $part): bool => ! $this->hadToGo($part), ARRAY_FILTER_USE_KEY);
        $wronged = array_diff_key($this->condemned, $this->bench->hidden->atFault());

        return new Result(
            policy: $this->policy->name(),
            causes: $this->bench->hidden->causes(),
            end: $end,
            sound: $this->bench->hidden->isSound(),
            wrongParts: array_keys($wrong),
            wrongly: array_keys($wronged),
            minutes: $this->minutes,
            lent: $this->lent,
            harmed: $this->harmed,
            entries: count($this->bench->record()->entries),
            stated: $this->stated,
            bound: self::bound(
                $this->catalogue,
                array_map($this->bench->hidden->usualRepair(...), array_column($this->bench->hidden->causes(), 0)),
            ),
            comebacks: $this->comebacks,
            misread: $this->bench->misread(),
            named: array_keys($this->named),
            provedWrongly: array_keys($this->provedWrongly),
            saidNotToFit: $this->saidNotToFit,
            written: $this->bench->written(),
        );
    }

    /** When the time is up, the repair that is more likely needed than not is done, whoever worked on it, and the machine goes. */
    private function decideAtLast(View $view): void
    {
        [$repair, $probability] = $view->likeliestRepair() ?? [null, 0.0];
        if ($repair !== null && $probability >= self::DECIDED_FROM && ! $repair->endsIt()) {
            $this->repair($repair->act->id, $repair->part->id);
        }
    }

    /** A machine handed back unsound may come back, and is worked on again. */
    private function comesBack(): bool
    {
        $told = $this->comebacks < self::COMEBACKS ? self::failsAtOwner($this->bench->hidden) : null;
        if ($told === null) {
            return false;
        }
        $this->comebacks++;
        $this->minutes += self::COMEBACK_MINUTES;
        $this->bench->told($told);

        return true;
    }

    /** What the owner sees when it fails again, in a dozen starts as they come, cold, and for hours; null if it never does. */
    public static function failsAtOwner(HiddenMachine $hidden): ?string
    {
        $starts = [
            ...array_fill(0, 6, new SetUp(place: Place::Owner)),
            ...array_fill(0, 3, new SetUp(place: Place::Owner, temperature: Temperature::Cold)),
            ...array_fill(0, 3, new SetUp(place: Place::Owner, goal: Goal::Hours)),
        ];
        foreach ($hidden->isSound() ? [] : $starts as $setUp) {
            $reached = $hidden->atOwner($setUp);
            if ($reached !== 'stays') {
                return $reached;
            }
        }

        return null;
    }

    /**
     * Bench minutes of someone who knows what is wrong and proves nothing: the usual repairs, and one start to see.
     *
     * @param  list<string>  $repairs the acts
     */
    public static function bound(Catalogue $catalogue, array $repairs): float
    {
        return (float) array_sum([
            $catalogue->steps['start']->minutes,
            ...array_map(fn (string $act): int => $catalogue->act($act)->minutes, $repairs),
        ]);
    }

    /** Whether a part that was replaced was at fault, or carried a fault that nothing less had cured. */
    private function hadToGo(string $part): bool
    {
        $machine = $this->bench->hidden->machine();
        if (isset($this->bench->hidden->atFault()[$part])) {
            return true;
        }
        foreach ($this->bench->hidden->causes() as [$fault, $at]) {
            $act = $this->bench->hidden->usualRepair($fault);
            if (
                $machine->part($at)->kind->carrier === $machine->part($part)->kind->id
                && ($act === 'replace' || $this->wasDone($act, $at))
            ) {
                return true;
            }
        }

        return false;
    }

    private function view(): View
    {
        $record = $this->bench->record();
        // Who does not act on belief needs only what was done to the machine, so few fault sets do.
        $replay = $this->policy instanceof StatesBelief
                ? $this->adviser->replay($record, $this->policy->looksWidely())
                : $this->few = $this->few?->and($record) ?? Replay::among([], $this->bench->hidden->machine(), $record, $this->catalogue);
        $view = new View($this->catalogue, $replay, $record, $this->shelf);
        if ($record->lastStart() !== null && $this->policy instanceof StatesBelief) {
            $fits = $this->policy->looksWidely() ? $this->adviser->fits($record) : null;
            $this->named += $fits?->entry === null ? [] : [$fits->entry => true];
            $this->saidNotToFit = $this->saidNotToFit || ($fits !== null && $fits->level !== 'none');
            foreach ($view->standings() as $part => $standing) {
                $this->keep($standing, $part);
            }
        }

        return $view;
    }

    /** What is said of a part, beside what is so. */
    private function keep(PartStanding $standing, string $part): void
    {
        $atFault = $this->bench->hidden->atFault();
        if ($standing->standing === Standing::Condemned) {
            $this->condemned[$part] = true;
        }
        $isAlone = count($atFault) === 1 && ! $this->bench->hidden->isSound();
        if ($standing->standing === Standing::Proved && $isAlone && isset($atFault[$part]) && $standing->fitted === null) {
            $this->provedWrongly[$part] = true;
        }
        if ($standing->stated >= 0.01 && $standing->fitted === null && $part !== 'outside') {
            $this->stated[] = [$standing->stated, isset($atFault[$part]), $part];
        }
    }

    private function make(Move $move): ?string
    {
        if ($move->end !== null) {
            $this->minutes += $move->end === 'handed-on' ? self::HAND_OVER_MINUTES : 0;

            return $move->end;
        }
        if ($move->startsAgain !== null) {
            $this->minutes += $this->catalogue->steps['start']->minutes
                + ($move->startsAgain->goal === Goal::Load ? (int) $this->catalogue->number('load_minutes') : 0);
            $this->bench->start($move->startsAgain);
        } elseif ($move->step !== null) {
            $this->minutes += $move->step->minutes();
            $this->take($move->step);
        } elseif ($move->act !== null && $move->part !== null) {
            $this->repair($move->act, $move->part);
        }

        return null;
    }

    private function take(Candidate $candidate): void
    {
        if ($candidate->spare !== null) {
            $this->lent++;
            $this->harmed += $candidate->target?->kind->exposed !== false && $this->draw->happens($this->bench->hidden->harms()) ? 1 : 0;
        }
        $this->bench->take($candidate);
    }

    /** A repair, and a start to see. */
    private function repair(string $act, string $part): void
    {
        $how = $this->catalogue->act($act);
        $this->minutes += $how->minutes + $this->catalogue->steps['start']->minutes;
        if ($how->buysPart) {
            $this->bench->fit($part);
            $this->replaced[$part] = true;
        } else {
            $this->bench->act($act, [$part]);
        }
        $this->bench->start(new SetUp);
    }

    /** Whether an act was done to a part. */
    private function wasDone(string $act, string $part): bool
    {
        foreach ($this->bench->record()->all(ActDone::class) as $done) {
            if ($done->act === $act && in_array($part, $done->on, true)) {
                return true;
            }
        }

        return false;
    }
}
