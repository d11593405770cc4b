<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\OthersTrial;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Plain\Listed;
use Orthoscope\Core\SetUp\Manner;
use Orthoscope\Core\SetUp\Temperature;
use Orthoscope\Core\Words\PartsInPlain;
use Orthoscope\Core\Words\StartInPlain;

/** How a letter begins: what its owner told, each in whose words it was, and what the first start showed. */
final readonly class Beginning
{
    /** The mark that is no mark of the machine but what its owner allows. */
    private const LEAVE = 'consent-system';

    public function __construct(private Record $record, private Catalogue $catalogue, private Machine $machine)
    {
    }

    /** @return list<Sentence> */
    public function told(): array
    {
        $sentences = $seen = [];
        foreach ($this->record->all(Report::class) as $report) {
            foreach ($this->ofReport($report) as $words) {
                // What was said again in the same words is told once.
                if (! isset($seen[mb_strtolower($words)])) {
                    $seen[mb_strtolower($words)] = true;
                    $sentences[] = Sentence::of($words, $report->number);
                }
            }
        }

        foreach ($this->record->all(OthersTrial::class) as $trial) {
            $sentences[] = Sentence::of($this->ofTrial($trial), $trial->number);
        }

        return $sentences;
    }

    private function ofTrial(OthersTrial $trial): string
    {
        $who = $trial->who === 'owner' ? 'you' : OthersTrial::BY[$trial->who];
        $where = $trial->where === OthersTrial::HOME ? 'at your place' : 'at another place';
        $how = array_filter([
            $trial->setUp->out === [] ? '' : 'without '.$this->parts($trial->setUp->out),
            $trial->theirs === [] ? '' : 'with another in place of '.$this->parts($trial->theirs),
            match ($trial->setUp->temperature) {
                Temperature::Cold => 'cold',
                Temperature::Warm => 'warm',
                null => '',
            },
        ]);

        return "As we were told, when {$who} tried it {$where}"
            .($how === [] ? '' : ', '.implode(', ', $how))
            .", {$this->catalogue->reach($trial->reached)->plain}.";
    }

    /** @param  list<string>  $ids */
    private function parts(array $ids): string
    {
        return PartsInPlain::of(array_map($this->machine->part(...), $ids));
    }

    /** @return list<string> */
    private function ofReport(Report $report): array
    {
        if ($report->carried !== []) {
            return ['It was with us before. What we had not proved then, we took as open again.'];
        }
        $done = array_map(
            fn (string $act): string => $this->catalogue->history[$act]->plain,
            array_filter($report->history, fn (string $act): bool => ! str_starts_with($act, 'age-')),
        );
        $events = array_map(fn (string $event): string => $this->catalogue->events[$event]->name, array_diff($report->events, ['none']));
        $marks = array_map(fn (string $mark): string => $this->catalogue->marks[$mark]->plain, array_diff($report->marks, [self::LEAVE]));
        $quote = OwnWords::of($report->text);

        return array_values(
            array_filter([
                $done === []
                    ? ''
                    : 'Done earlier'.($report->when === null ? '' : ", {$report->when}").': '.implode('; ', $done).'.',
                $quote === '' ? '' : ($report->source === Report::OPINION ? 'Others had said' : 'You said').": “{$quote}”",
                $report->reached === null ? '' : "As you told it, {$this->catalogue->reach($report->reached)->plain}.",
                (string) $report->manner?->plain(),
                $events === [] ? '' : 'Just before: '.implode('; ', $events).'.',
                $marks === [] ? '' : 'When it came in we noted '.Listed::of($marks).'.',
                in_array(self::LEAVE, $report->marks, true) ? "You gave us {$this->catalogue->marks[self::LEAVE]->plain}." : '',
            ]),
        );
    }

    /** @return list<Sentence> */
    public function seen(): array
    {
        $starts = $this->record->all(Start::class);
        $one = FirstStart::in($this->record, $this->machine, $this->catalogue);
        $inHosts = TriedInHosts::sentences($this->record, $this->machine, $this->catalogue);
        if ($one === null || $starts === []) {
            return $inHosts !== [] ? $inHosts : [Sentence::of('We have not started it.')];
        }

        return [...$this->ofStarts($one, $starts), ...RanOtherwise::sentences($this->record, $this->catalogue), ...$inHosts];
    }

    /**
     * @param  non-empty-list<Start>  $starts
     * @return list<Sentence>
     */
    private function ofStarts(FirstStart $one, array $starts): array
    {
        $numbers = array_column($starts, 'number');
        $first = Sentence::of(StartInPlain::sentence($one->how(), $one->start, $this->catalogue), $one->start->number);
        $manner = Circumstances::manner($this->record, $this->catalogue);
        $comesAndGoes = $manner?->comesAndGoes() ?? false;
        // What fails under a condition, and every time then, was not told to come and go.
        $asTold = $manner?->often === Manner::SOMETIMES || $manner?->of !== null ? 'You told us that it comes and goes. ' : '';

        return match (true) {
            $comesAndGoes && ! $this->everFailed($starts) => [
                $first,
                Sentence::of("{$asTold}While we had it, it did not fail.", ...$numbers),
            ],
            $one->changed || $one->workedOn => [$first],
            $comesAndGoes => [$first, ...$this->wasToldOtherwise($starts[0]) ? $this->failedAgain($starts) : []],
            default => [$first, ...$this->besideWhatWasTold($starts)],
        };
    }

    /**
     * @param  non-empty-list<Start>  $starts
     *
     * @return list<Sentence>
     */
    private function besideWhatWasTold(array $starts): array
    {
        if (! $this->wasToldOtherwise($starts[0])) {
            return [];
        }
        $again = $this->failedAgain($starts);

        return $again === []
            ? [Sentence::of('That is not quite what you told us. A fault that comes and goes can do this.', $starts[0]->number)]
            : $again;
    }

    /**
     * @param  list<Start>  $starts
     * @return list<Sentence> that a later start did what its owner told, where the first did not
     */
    private function failedAgain(array $starts): array
    {
        $again = $this->laterAsTold($starts);

        return $again === null
            ? []
            : [
                Sentence::of(StartInPlain::sentence('We started it again', $again, $this->catalogue), $again->number),
                Sentence::of('That is what you told us.', $again->number),
            ];
    }

    /** @param  list<Start>  $starts */
    private function everFailed(array $starts): bool
    {
        foreach ($starts as $start) {
            if ($this->catalogue->isFailure($start->reached)) {
                return true;
            }
        }

        return false;
    }

    /**
     * A later start, its own parts in and nothing done to it yet, that failed as its owner told where the first did not.
     *
     * @param  list<Start>  $starts
     */
    private function laterAsTold(array $starts): ?Start
    {
        $told = array_filter($this->record->all(Report::class), fn (Report $report): bool => $report->isOfThis());
        $acted = array_column($this->record->all(ActDone::class), 'number')[0] ?? PHP_INT_MAX;
        foreach ($starts as $start) {
            $isAsTold = in_array($start->reached, array_column($told, 'reached'), true);
            if ($isAsTold && $start->number < $acted && $start->setUp->changesNoPart() && $this->catalogue->isFailure($start->reached)) {
                return $start;
            }
        }

        return null;
    }

    private function wasToldOtherwise(Start $first): bool
    {
        foreach ($this->record->all(Report::class) as $report) {
            if ($report->isOfThis() && $report->reached !== null && $report->reached !== $first->reached) {
                return true;
            }
        }

        return false;
    }
}
