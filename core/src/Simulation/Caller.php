<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Question;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Modes;
use Orthoscope\Core\Diagnosis\Prior;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Triage\QuestionPlanner;

/** Someone on the telephone with a machine that has hidden faults: answers rightly, wrongly, or does not know. */
final readonly class Caller
{
    /** Share of answers that are "don't know", and of those given at random. Origin: judgement. */
    private const DOES_NOT_KNOW = 0.1;

    private const WRONG = 0.1;

    /** @param  list<int>  $faults */
    private function __construct(private Catalogue $catalogue, private Replay $world, private array $faults, private Draw $draw)
    {
    }

    public static function with(Machine $machine, Catalogue $catalogue, Draw $draw): self
    {
        // Every question's own parts at home are known to this world, so that it has the same numbers for faults throughout.
        $world = Replay::of($machine, new Record([]), $catalogue);
        $drawn = (int) $draw->weighed((new Prior($world->model->modes, $catalogue, []))->likeliestFirst());

        return new self($catalogue, $world, Prior::faultsOf($drawn), $draw);
    }

    /** The answer to a question. */
    public function answer(Question $question): string
    {
        if (! $question->first && $this->draw->happens(self::DOES_NOT_KNOW)) {
            return Question::UNKNOWN;
        }
        if ($question->first) {
            return (string) array_key_first($question->answers);
        }
        if ($this->draw->happens(self::WRONG)) {
            return (string) $this->draw->oneOf(array_keys($question->answers));
        }

        return (string) $this->draw->weighed(
            QuestionPlanner::shares(QuestionPlanner::likelihoods($this->catalogue, $this->world, $question, 1.0), $this->faults),
        );
    }

    /** @return list<string> parts at fault */
    public function atFault(): array
    {
        return array_values(array_unique(array_map(fn (int $mode): string => $this->modes()->all[$mode]->part, $this->faults)));
    }

    private function modes(): Modes
    {
        return $this->world->model->modes;
    }
}
