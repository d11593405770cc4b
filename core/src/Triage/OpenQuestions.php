<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Question;
use Orthoscope\Core\Evidence\Answer;
use Orthoscope\Core\Evidence\Record;

/** Which questions can still be asked: not answered yet, possible after what was answered, and never dangerous. */
final readonly class OpenQuestions
{
    /** @var array<string, string> question => answer, of the answers in force */
    public array $answered;

    /** The instruction that ends the conversation, if a red answer was given. */
    public ?string $stop;

    public function __construct(private Catalogue $catalogue, Record $record)
    {
        $answered = [];
        $stop = null;
        foreach ($record->all(Answer::class) as $answer) {
            $answered[$answer->question] = $answer->answer;
            $stop = $catalogue->question($answer->question)->answer($answer->answer)->stop ?? $stop;
        }
        $this->answered = $answered;
        $this->stop = $stop;
    }

    /** @return array<string, Question> in the order of the catalogue; none once a red answer was given */
    public function all(): array
    {
        if ($this->stop !== null) {
            return [];
        }
        $open = array_filter(
            $this->catalogue->questions,
            fn (Question $question): bool => ! isset($this->answered[$question->id]) && $this->makesSense($question),
        );
        $first = array_filter($open, fn (Question $question): bool => $question->first);

        return $first === [] ? $open : $first;
    }

    /** Whether a question is possible after what was answered; one answered already may be asked again. */
    public function makesSense(Question $question): bool
    {
        return ($question->needs === [] || $this->anyGiven($question->needs)) && ! $this->anyGiven($question->never);
    }

    /** @param  list<string>  $words "question:answer" */
    private function anyGiven(array $words): bool
    {
        foreach ($words as $word) {
            [$question, $answer] = explode(':', $word, 2);
            if (($this->answered[$question] ?? null) === $answer) {
                return true;
            }
        }

        return false;
    }
}
