<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\SetUp\Manner;

/** One answer to a question, and what it means as evidence. */
final readonly class QuestionAnswer
{
    /**
     * @param  string  $say     as the caller would say it
     * @param  ?string  $reached outcome of a start
     * @param  array<string, string>  $signs   sign channel => value
     * @param  ?array{string, string}  $found  look and its result
     * @param  ?string  $event   what happened just before
     * @param  ?string  $mark    mark as made at arrival
     * @param  ?Manner  $manner  how often and when it fails
     * @param  ?string  $stop    instruction that ends everything else
     */
    private function __construct(
        public string $id,
        public string $say,
        public ?string $reached,
        public array $signs,
        public ?array $found,
        public ?string $event,
        public ?string $mark,
        public ?Manner $manner,
        public ?string $stop,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        [$check, $result] = [...explode(':', $row->text('found', ''), 2), ''];

        return new self(
            id: $row->text('id'),
            say: $row->text('say'),
            reached: $row->textOrNull('reached'),
            signs: $row->textByName('signs', []),
            found: $check === '' ? null : [$check, $result],
            event: $row->textOrNull('event'),
            mark: $row->textOrNull('mark'),
            manner: Manner::told($row->textOrNull('often'), $row->textOrNull('only')),
            stop: $row->textOrNull('stop'),
        );
    }
}
