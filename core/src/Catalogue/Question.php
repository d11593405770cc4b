<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

/** Something asked of a person who is with the machine and is no technician, with the answers it can have. */
final readonly class Question
{
    /** What can be answered to any question without telling anything. */
    public const UNKNOWN = 'unknown';

    public const CANNOT = 'cannot';

    public const SKIPPED = 'skipped';

    /**
     * @param  string  $kind    "ask" (remembered), "look" (look at something) or "try" (do something, then start it)
     * @param  float  $minutes what it takes the caller
     * @param  bool  $first   asked before anything else
     * @param  ?array<string, mixed>  $setup  set-up words of the start that is told of; null if no start is
     * @param  ?string  $does    act done for it
     * @param  list<string>  $on      kinds of part it is done to
     * @param  ?int  $hold    seconds to hold or wait, with a clock
     * @param  list<string>  $needs   "question:answer", of which one must have been given
     * @param  list<string>  $never   "question:answer", of which none may have been given
     * @param  non-empty-array<string, QuestionAnswer>  $answers
     */
    private function __construct(
        public string $id,
        public string $kind,
        public string $ask,
        public float $minutes,
        public bool $first,
        public ?string $drawing,
        public ?string $caution,
        public ?array $setup,
        public ?string $does,
        public array $on,
        public ?int $hold,
        public array $needs,
        public array $never,
        public array $answers,
    ) {
    }

    /** @param  array<string, mixed>  $row */
    public static function fromArray(array $row): self
    {
        $answers = [];
        foreach ($row['answers'] as $answer) {
            $answers[(string) $answer['id']] = QuestionAnswer::fromArray($answer);
        }

        return new self(
            $row['id'], $row['kind'], $row['ask'], (float) $row['minutes'], $row['first'] ?? false, $row['drawing'] ?? null, $row['caution'] ?? null,
            $row['setup'] ?? null, $row['does'] ?? null, $row['on'] ?? [], $row['hold'] ?? null, $row['needs'] ?? [], $row['never'] ?? [], $answers,
        );
    }

    /** The meaning of an answer; null for one that tells nothing. */
    public function answer(string $id): ?QuestionAnswer
    {
        return $this->answers[$id] ?? (in_array($id, self::tellNothing(), true) ? null : throw CatalogueMistake::unknown("answer to {$this->id}", $id, [...array_map(strval(...), array_keys($this->answers)), ...self::tellNothing()]));
    }

    /** An answer in words. */
    public function words(string $answer): string
    {
        return match ($answer) {
            self::UNKNOWN => 'does not know',
            self::CANNOT => 'cannot do that',
            self::SKIPPED => 'skipped',
            default => (string) $this->answer($answer)?->say,
        };
    }

    /** @return list<string> */
    public static function tellNothing(): array
    {
        return [self::UNKNOWN, self::CANNOT, self::SKIPPED];
    }
}
