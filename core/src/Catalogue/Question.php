<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Plain\UnreadableRow;

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
     * @param  bool  $ofAStart a start is told of
     * @param  list<string>  $lends  kinds of part in whose place the caller puts another of theirs for it
     * @param  list<string>  $out    kinds of part taken out for it
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
        public bool $ofAStart,
        public array $lends,
        public array $out,
        public ?string $does,
        public array $on,
        public ?int $hold,
        public array $needs,
        public array $never,
        public array $answers,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        $answers = [];
        foreach ($row->rows('answers') as $answer) {
            $answers[$answer->text('id')] = QuestionAnswer::fromRow($answer);
        }
        $setUp = $row->rowOrNull('setup');

        return new self(
            id: $row->text('id'),
            kind: $row->text('kind'),
            ask: $row->text('ask'),
            minutes: $row->number('minutes'),
            first: $row->flag('first'),
            drawing: $row->textOrNull('drawing'),
            caution: $row->textOrNull('caution'),
            ofAStart: $setUp !== null,
            lends: $setUp?->texts('lend', []) ?? [],
            out: $setUp?->texts('out', []) ?? [],
            does: $row->textOrNull('does'),
            on: $row->texts('on', []),
            hold: $row->wholeOrNull('hold'),
            needs: $row->texts('needs', []),
            never: $row->texts('never', []),
            answers: $answers === [] ? throw UnreadableRow::wrong($row->where, 'answers', 'at least one answer', []) : $answers,
        );
    }

    /** The meaning of an answer; null for one that tells nothing. */
    public function answer(string $id): ?QuestionAnswer
    {
        return $this->answers[$id]
            ?? (in_array($id, self::tellNothing(), true)
                ? null
                : throw CatalogueMistake::unknown("answer to {$this->id}", $id, [
                    ...array_map(strval(...), array_keys($this->answers)),
                    ...self::tellNothing(),
                ]));
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
