<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Question;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Answer;
use Orthoscope\Core\Evidence\Head;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Triage\DeskMachine;
use Orthoscope\Core\Triage\QuestionPlanner;

/**
 * Simulated callers, asked in the planner's order and in the fixed order of the catalogue, until no question left is
 * expected to tell anything: the best that can be known by telephone.
 */
final readonly class CallSimulation
{
    public const PLANNED = 'planned';

    public const FIXED = 'fixed';

    public function __construct(private Catalogue $catalogue, private string $seed)
    {
    }

    /**
     * @return array<string, array{questions: float, minutes: float, named: float}> order => mean number of questions, mean minutes of the
     * caller, share in which the part thought likeliest is at fault
     */
    public function figures(int $callers): array
    {
        $figures = [];
        foreach ([self::PLANNED, self::FIXED] as $order) {
            $sum = ['questions' => 0.0, 'minutes' => 0.0, 'named' => 0.0];
            for ($i = 0; $i < $callers; $i++) {
                foreach ($this->call($i, $order) as $what => $value) {
                    $sum[$what] += $value;
                }
            }
            $figures[$order] = array_map(fn (float $all): float => round($all / $callers, 3), $sum);
        }

        return $figures;
    }

    /** @return array{questions: int, minutes: float, named: float} */
    public function call(int $number, string $order): array
    {
        $machine = Machine::fromArray(DeskMachine::MADE_OF, $this->catalogue);
        $caller = Caller::with($machine, $this->catalogue, Draw::from("{$this->seed} caller {$number}"));
        $entries = [];
        $minutes = 0.0;
        while (true) {
            $record = new Record($entries);
            $replay = Replay::of($machine, $record, $this->catalogue);
            $planner = new QuestionPlanner($this->catalogue, $replay, $record);
            $ranked = $planner->ranked();
            if ($ranked === []) {
                return [
                    'questions' => count($entries),
                    'minutes' => $minutes,
                    'named' => in_array(self::likeliest($replay), $caller->atFault(), true) ? 1.0 : 0.0,
                ];
            }
            $question = $order === self::PLANNED ? $ranked[0]->question : self::nextInOrder($planner->open->all());
            $minutes += $question->minutes;
            $entries[] = new Answer(new Head(count($entries) + 1), $question->id, $caller->answer($question));
        }
    }

    /** @param  array<string, Question>  $open */
    private static function nextInOrder(array $open): Question
    {
        return $open[array_key_first($open)];
    }

    private static function likeliest(Replay $replay): string
    {
        $had = $replay->belief->byGroup(
            array_map(fn (Mode $mode): string => $mode->spare === null ? $mode->part : '', $replay->model->modes->all),
        )[0];
        unset($had['']);
        arsort($had);

        return (string) array_key_first($had);
    }
}
