<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Question;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;

/** A conversation with someone who is with the machine: what to ask next, what it looks like, and whether to stop at once. */
final readonly class Conversation
{
    /**
     * @param  list<RankedQuestion>  $ranked worth most first; empty when nothing more can be learned by asking
     * @param  OpenQuestions  $questions what was answered, and what makes sense
     * @param  ?string  $stop   instruction that ends it
     */
    private function __construct(
        public array $ranked,
        public OpenQuestions $questions,
        public Outlook $outlook,
        public ?string $stop,
        private Catalogue $catalogue,
    ) {
    }

    public static function of(Machine $machine, Record $record, Catalogue $catalogue): self
    {
        $replay = Replay::of($machine, $record, $catalogue);
        $planner = new QuestionPlanner($catalogue, $replay, $record);

        return new self($planner->ranked(), $planner->open, Outlook::of($replay, $record, $catalogue), $planner->open->stop, $catalogue);
    }

    /** The question worth most, or one that was asked for; null when nothing is left or it must stop. */
    public function next(?string $wanted = null): ?Question
    {
        $asked = $wanted === null || $this->stop !== null ? null : $this->catalogue->questions[$wanted] ?? null;

        return $asked ?? ($this->ranked[0]->question ?? null);
    }

    /** @return list<Question> every question that makes sense and was not answered, worth most first, the rest as in the catalogue */
    public function open(): array
    {
        $ranked = array_map(fn (RankedQuestion $one): Question => $one->question, $this->ranked);
        $rest = array_filter($this->questions->all(), fn (Question $question): bool => ! in_array($question, $ranked, true));

        return [...$ranked, ...array_values($rest)];
    }
}
