<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** What someone who is with the machine, and is no technician, answered to a question: over the telephone or at the counter. */
final readonly class Answer extends Entry
{
    /** The tag of a part of the owner's own, put in place of another at home. */
    public const HOME = 'home';

    /**
     * @param  string  $question of the catalogue
     * @param  string  $answer   one of its answers, or "unknown", "cannot" or "skipped"
     */
    public function __construct(Head $head, public string $question, public string $answer)
    {
        parent::__construct($head);
    }

    public function kind(): string
    {
        return 'answer';
    }

    /** @return string "question:answer" */
    public function word(): string
    {
        return "{$this->question}:{$this->answer}";
    }
}
