<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Catalogue\Proving\PlanItem;
use Orthoscope\Core\Plain\UnknownWord;
use Orthoscope\Core\SetUp\Manner;

/** Looks through a catalogue for words that point nowhere and shares that are no shares. */
final class CatalogueCheck
{
    /** @var list<string> */
    private array $mistakes = [];

    private function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @return list<string> one sentence for each mistake */
    public static function mistakes(Catalogue $catalogue): array
    {
        $check = new self($catalogue);
        $check->numbers();
        $check->parts();
        $check->faults();
        $check->signs();
        $check->checks();
        $check->drawings();
        $check->steps();
        $check->locks();
        $check->schools();
        $check->questions();
        $check->heard();
        $check->codes();
        $check->shelf();
        $check->economy();
        $check->proving();
        $check->supplier();

        return $check->mistakes;
    }

    private function numbers(): void
    {
        foreach ($this->catalogue->numbers as $number) {
            if (! $number->holds($number->value)) {
                $this->mistakes[] = "Number {$number->id} is {$number->value}; it may be {$number->low} to {$number->high}.";
            }
            $this->known($number->origin, ['published', 'common practice', 'shop-learned', 'judgement'], "number {$number->id}", 'origin');
        }
    }

    private function economy(): void
    {
        foreach ($this->catalogue->economy->ways as $way) {
            foreach ($way->acts as $act) {
                $this->known($act, array_keys($this->catalogue->acts), "way {$way->id}", 'act');
            }
        }
        foreach ($this->catalogue->acts as $act) {
            foreach ([...array_diff(array_keys($act->meant), ['any']), ...array_merge(...array_values($act->meant))] as $kind) {
                $this->known($kind, array_keys($this->catalogue->parts), "act {$act->id}", 'kind of part');
            }
            if (! $act->buysPart && $act->id !== 'hand-on' && $this->catalogue->economy->wayOf($act->id) === null) {
                $this->mistakes[] = "Act {$act->id} belongs to no way on; add it to one in economy.yaml.";
            }
        }
        foreach ($this->catalogue->economy->effects as $effect) {
            $this->known($effect->part, [...array_keys($this->catalogue->parts), 'platform'], 'an effect', 'kind of part');
        }
    }

    private function proving(): void
    {
        foreach ($this->catalogue->proving->items as $item) {
            $where = "proving {$item->id}";
            if ($item->check !== null) {
                $this->known($item->check, array_keys($this->catalogue->checks), $where, 'look or reading');
                $this->known(
                    (string) $item->pass,
                    array_column($this->catalogue->checks[$item->check]->results ?? [], 'id'),
                    $where,
                    'result',
                );
            }
            if ($item->needs !== null) {
                $this->known($item->needs, [PlanItem::FREE_SLOT, ...array_keys($this->catalogue->parts)], $where, 'kind of part');
            }
            if (isset($item->where['uses'])) {
                $this->known($item->where['uses'], array_keys($this->catalogue->proving->uses), $where, 'use');
            }
            foreach ($item->when as $when) {
                [$word, $of] = [...explode(':', $when, 2), ''];
                $this->known($word, ['opened', 'drives', 'drops', 'acted', 'wrong', 'shows'], $where, 'condition');
                match ($word) {
                    'acted', 'wrong' => $this->known($of, array_keys($this->catalogue->parts), $where, 'kind of part'),
                    'shows' => $this->known($of, array_keys($this->catalogue->shows), $where, 'manner of showing'),
                    default => null,
                };
            }
        }
    }

    private function supplier(): void
    {
        $houses = array_keys($this->catalogue->supplier->houses);
        foreach ($this->catalogue->supplier->wares as $ware) {
            $this->known($ware->house, $houses, "offer {$ware->id}", 'house');
            $this->known($ware->kind, array_keys($this->catalogue->parts), "offer {$ware->id}", 'kind of part');
        }
    }

    private function parts(): void
    {
        foreach ($this->catalogue->parts as $part) {
            $this->known($part->stage, $this->catalogue->stageIds, "part {$part->id}", 'stage');
            foreach (array_filter([$part->carrier, $part->serves, $part->madeOf, ...$part->disturbs]) as $other) {
                $this->known($other, array_keys($this->catalogue->parts), "part {$part->id}", 'kind of part');
            }
        }
        foreach ($this->catalogue->takenOutFor->work as $kind) {
            $this->known($kind, array_keys($this->catalogue->parts), 'what is taken out of its case', 'kind of part');
        }
        foreach ($this->catalogue->takenOutFor->looks as $look) {
            $this->known($look, array_keys($this->catalogue->checks), 'what is taken out of its case', 'look or reading');
        }
    }

    private function faults(): void
    {
        $faults = array_keys($this->catalogue->faults);
        array_map($this->fault(...), $this->catalogue->faults);
        foreach ([...$this->catalogue->events, ...$this->catalogue->history, ...$this->catalogue->marks] as $event) {
            foreach (array_keys($event->factors) as $fault) {
                $this->known($fault, $faults, "event {$event->id}", 'fault');
            }
        }
        foreach ($this->catalogue->onlyUnder as $condition) {
            $this->known($condition->shows, array_keys($this->catalogue->shows), "only under {$condition->id}", 'manner of showing');
        }
        foreach ($this->catalogue->couplings as $coupling) {
            $this->known($coupling->first, $faults, 'a coupling', 'fault');
            $this->known($coupling->second, $faults, 'a coupling', 'fault');
            $this->share($coupling->given, 'a coupling');
        }
    }

    private function fault(Fault $fault): void
    {
        $where = "fault {$fault->id}";
        foreach (array_filter([$fault->part, $fault->with, ...array_keys($fault->comesWith)]) as $kind) {
            $this->known($kind, array_keys($this->catalogue->parts), $where, 'kind of part');
        }
        $this->known($fault->shows, array_keys($this->catalogue->shows), $where, 'manner of showing');
        foreach ($fault->comesWith as $share) {
            $this->share($share, $where);
        }
        foreach ([$fault->cures, $fault->withCures] as $cures) {
            foreach ($cures as $act => $share) {
                $this->known($act, array_keys($this->catalogue->acts), $where, 'act');
                $this->share($share, $where);
            }
        }
        foreach ($fault->signs as $channel => $values) {
            $this->known($channel, array_keys($this->catalogue->signs), $where, 'sign');
            $known = array_map(strval(...), array_keys($this->catalogue->signs[$channel]->values ?? []));
            foreach (array_keys($values) as $value) {
                $this->known((string) $value, $known, $where, 'value');
            }
        }
        foreach ($fault->ways as $way) {
            $this->known($way['stops'], [...$this->catalogue->stageIds, 'none'], $where, 'stage');
        }
        if (abs(array_sum(array_column($fault->ways, 'share')) - 1.0) > 1e-9) {
            $this->mistakes[] = "The shares of the ways of {$where} do not add up to one.";
        }
    }

    private function signs(): void
    {
        foreach ($this->catalogue->signs as $sign) {
            foreach ($sign->rows as $stop => $row) {
                $this->known($stop, [...$this->catalogue->stageIds, 'none', 'default'], "sign {$sign->id}", 'stage');
                foreach ($row as $value => $share) {
                    $this->known((string) $value, array_map(strval(...), array_keys($sign->values)), "sign {$sign->id}", 'value');
                    $this->share($share, "sign {$sign->id}");
                }
                if (array_sum($row) > 1.0 + 1e-9) {
                    $this->mistakes[] = "Row {$stop} of sign {$sign->id} adds up to more than one.";
                }
            }
            foreach ($sign->never as $reached => $values) {
                $this->known($reached, array_keys($this->catalogue->reaches), "sign {$sign->id}", 'outcome');
                foreach ($values as $value) {
                    $this->known($value, array_map(strval(...), array_keys($sign->values)), "sign {$sign->id}", 'value');
                }
            }
            if (! isset($sign->rows['default'])) {
                $this->mistakes[] = "Sign {$sign->id} has no default row.";
            }
        }
    }

    private function checks(): void
    {
        foreach ($this->catalogue->checks as $check) {
            foreach ($check->detects() as $fault => $share) {
                $this->known($fault, array_keys($this->catalogue->faults), "check {$check->id}", 'fault');
                $this->share($share, "check {$check->id}");
            }
            if ($check->clearResult()->findsSomething()) {
                $this->mistakes[] = "The last result of check {$check->id} must be \"nothing found\".";
            }
            foreach ($check->asks as $doubt) {
                $this->known($doubt, array_keys($this->catalogue->doubts), "check {$check->id}", 'question about its set-up');
            }
            foreach (array_filter([$check->target, ...$check->disturbs, ...$check->which]) as $kind) {
                $this->known($kind, array_keys($this->catalogue->parts), "check {$check->id}", 'kind of part');
            }
            if ($check->limit !== null) {
                $this->known($check->limit, array_keys($this->catalogue->limits), "check {$check->id}", 'limit');
            }
        }
    }

    private function drawings(): void
    {
        foreach ($this->catalogue->checks as $check) {
            if ($check->drawing !== null) {
                $this->known($check->drawing, array_keys($this->catalogue->drawings), "check {$check->id}", 'drawing');
            }
        }
        foreach ($this->catalogue->drawings as $drawing) {
            $taken = [];
            foreach ($drawing->spots as $spot) {
                foreach ($spot->pointsTo as $fault) {
                    $this->known($fault, array_keys($this->catalogue->faults), "place {$spot->id}", 'fault');
                }
                $at = "{$spot->column}, {$spot->row}";
                if ($spot->column < 1 || $spot->column > $drawing->columns || $spot->row < 1 || isset($taken[$at])) {
                    $this->mistakes[] = "Place {$spot->id} of drawing {$drawing->id} stands at {$at}, which is taken or outside.";
                }
                $taken[$at] = true;
            }
        }
    }

    private function codes(): void
    {
        foreach ($this->catalogue->codes->meanings as $meaning) {
            $values = array_map(strval(...), array_keys($this->catalogue->sign($meaning->kind->channel())->values));
            $this->known($meaning->value, $values, "code {$meaning->from}", 'value');
            $this->share($meaning->reliability, "code {$meaning->from}");
        }
    }

    private function shelf(): void
    {
        $kinds = array_keys($this->catalogue->parts);
        $shelf = $this->catalogue->shelf;
        foreach ([...array_keys($shelf->kinds), ...array_column($shelf->fit, 'kind')] as $kind) {
            $this->known($kind, $kinds, 'the shelf', 'kind of part');
        }
        foreach ($shelf->destructive as $fault => $share) {
            $this->known($fault, array_keys($this->catalogue->faults), 'the shelf', 'fault');
            $this->share($share, 'the shelf');
        }
        foreach ($shelf->proofs as $proof) {
            $this->share($proof->catches, "proof {$proof->id}");
        }
    }

    private function steps(): void
    {
        foreach ($this->catalogue->steps as $step) {
            $where = "step {$step->id}";
            match ($step->record) {
                'check' => $this->known((string) $step->check, array_keys($this->catalogue->checks), $where, 'check'),
                'act', 'unlock' => $this->known((string) $step->act, array_keys($this->catalogue->acts), $where, 'act'),
                default => null,
            };
            foreach (
                [...$step->on, ...array_filter([$step->each], fn (?string $each): bool => $each !== null && $each !== 'swapped')] as $kind
            ) {
                $this->known($kind, array_keys($this->catalogue->parts), $where, 'kind of part');
            }
            foreach (array_filter([$step->from, $step->mootAfter]) as $stage) {
                $this->known($stage, $this->catalogue->stageIds, $where, 'stage');
            }
            foreach ($step->whenNew as $event) {
                $this->known($event, array_keys($this->catalogue->events), $where, 'event');
            }
        }
    }

    private function locks(): void
    {
        foreach ($this->catalogue->locks as $lock) {
            foreach ([...$lock->raised, ...$lock->cleared] as $word) {
                [$what, $rest] = [...explode(':', $word, 2), ''];
                match ($what) {
                    'always' => null,
                    'mark' => $this->known($rest, array_keys($this->catalogue->marks), "lock {$lock->id}", 'mark'),
                    'act', 'begun' => $this->act($rest, "lock {$lock->id}"),
                    'start' => $this->known($rest, $this->catalogue->stageIds, "lock {$lock->id}", 'stage'),
                    default => $this->result($what, $rest, "lock {$lock->id}"),
                };
            }
        }
    }

    /** @param  string  $word an act, or an act and the kind of part it is done to */
    private function act(string $word, string $where): void
    {
        [$act, $kind] = [...explode(':', $word, 2), ''];
        $this->known($act, array_keys($this->catalogue->acts), $where, 'act');
        if ($kind !== '') {
            $this->known($kind, array_keys($this->catalogue->parts), $where, 'kind of part');
        }
    }

    private function result(string $check, string $result, string $where): void
    {
        $this->known($check, array_keys($this->catalogue->checks), $where, 'check');
        $this->known($result, array_column($this->catalogue->checks[$check]->results ?? [], 'id'), $where, 'result');
    }

    private function schools(): void
    {
        foreach ($this->catalogue->schools as $school) {
            foreach ($school->order as $step) {
                $this->known($step, array_keys($this->catalogue->steps), "school {$school->id}", 'step');
            }
        }
    }

    private function heard(): void
    {
        foreach ($this->catalogue->heard as $words) {
            $where = "words that are heard, {$words->says[0]}";
            $known = match ($words->field) {
                'reached' => array_keys($this->catalogue->reaches),
                'often' => array_keys(Manner::OFTEN),
                'only' => array_keys(Manner::ONLY),
                'event' => array_keys($this->catalogue->events),
                default => array_keys($this->catalogue->signs[$words->field]->values ?? []),
            };
            $this->known($words->value, $known, $where, $words->field);
        }
    }

    private function questions(): void
    {
        $words = [];
        foreach ($this->catalogue->questions as $question) {
            foreach (array_keys($question->answers) as $answer) {
                $words[] = "{$question->id}:{$answer}";
            }
        }
        foreach (array_keys($this->catalogue->guides) as $part) {
            $this->known($part, array_keys($this->catalogue->parts), 'a guide', 'kind of part');
        }
        foreach ($this->catalogue->questions as $question) {
            $where = "question {$question->id}";
            $this->known($question->kind, ['ask', 'look', 'try'], $where, 'kind of question');
            foreach ([...$question->needs, ...$question->never] as $word) {
                $this->known($word, $words, $where, 'answer');
            }
            if ($question->does !== null) {
                $this->known($question->does, array_keys($this->catalogue->acts), $where, 'act');
            }
            foreach ([...$question->on, ...$question->lends, ...$question->out] as $kind) {
                $this->known($kind, array_keys($this->catalogue->parts), $where, 'kind of part');
            }
            foreach ($question->answers as $answer) {
                $this->answer($question, $answer, "answer {$answer->id} of {$where}");
            }
        }
    }

    private function answer(Question $question, QuestionAnswer $answer, string $where): void
    {
        if (! $question->ofAStart && ($answer->reached !== null || $answer->signs !== [])) {
            $this->mistakes[] = ucfirst($where).' tells of a start, and the question has no set-up.';
        }
        foreach (
            [
                [$answer->reached, $this->catalogue->reaches, 'outcome of a start'],
                [$answer->event, $this->catalogue->events, 'event'],
                [$answer->mark, $this->catalogue->marks, 'mark'],
            ] as [$word, $known, $what]
        ) {
            if ($word !== null) {
                $this->known($word, array_keys($known), $where, $what);
            }
        }
        foreach ($answer->signs as $channel => $value) {
            $this->known($channel, array_keys($this->catalogue->signs), $where, 'sign');
            $this->known($value, array_map(strval(...), array_keys($this->catalogue->signs[$channel]->values ?? [])), $where, 'value');
        }
        foreach ([[$answer->manner?->often, Manner::OFTEN], [$answer->manner?->only, Manner::ONLY]] as [$word, $known]) {
            if ($word !== null) {
                $this->known($word, array_keys($known), $where, 'manner of failing');
            }
        }
        if ($answer->found !== null) {
            $this->known($answer->found[0], array_keys($this->catalogue->checks), $where, 'check');
            $this->known(
                $answer->found[1],
                array_column($this->catalogue->checks[$answer->found[0]]->results ?? [], 'id'),
                $where,
                'result',
            );
        }
    }

    /** @param  list<string>  $known */
    private function known(string $word, array $known, string $where, string $what): void
    {
        if (! in_array($word, $known, true)) {
            $this->mistakes[] = ucfirst($where).': '.UnknownWord::sentence($what, $word, $known);
        }
    }

    private function share(float $share, string $where): void
    {
        if ($share < 0.0 || $share > 1.0) {
            $this->mistakes[] = "A share of {$where} is not between 0 and 1.";
        }
    }
}
