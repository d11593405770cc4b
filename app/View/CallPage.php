<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Question;
use Orthoscope\Core\Evidence\Answer;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Triage\Conversation;

/** What the call room shows. */
final readonly class CallPage
{
    /** Keys of the answers, in their order; letters with another use on the page are left out. */
    private const KEYS = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h', 'i', 'j', 'l', 'm', 'o', 'q'];

    public ?Question $question;

    /**
     * @var list<array{Question, Answer, string, bool}> question, answer, its words, whether it makes sense to change it; in the order asked
     */
    public array $answered;

    public function __construct(public Conversation $conversation, public Record $record, private Catalogue $catalogue, ?string $wanted)
    {
        $this->question = $conversation->next($wanted);
        $answered = [];
        foreach ($record->all(Answer::class) as $answer) {
            $question = $catalogue->question($answer->question);
            $answered[] = [$question, $answer, $question->words($answer->answer), $conversation->questions->makesSense($question)];
        }
        $this->answered = $answered;
    }

    /** @return list<array{string, string, string}> key, answer, words */
    public function answers(Question $question): array
    {
        $rows = [];
        foreach (array_values($question->answers) as $i => $answer) {
            $rows[] = [self::KEYS[$i] ?? '', $answer->id, $answer->say];
        }

        return $rows;
    }

    /** @return list<Question> other questions that can be gone to */
    public function others(): array
    {
        return array_values(array_filter($this->conversation->open(), fn (Question $question): bool => $question !== $this->question));
    }

    /** The answer that this question has now, if it was asked before. */
    public function given(Question $question): ?string
    {
        return $this->conversation->questions->answered[$question->id] ?? null;
    }

    /** What the caller said in their own words. */
    public function remarks(): string
    {
        return implode('. ', array_filter(array_map(fn (Answer $answer): string => $answer->text, $this->record->all(Answer::class))));
    }
}
