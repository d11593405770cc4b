<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Fields;
use Orthoscope\Core\Plain\Row;

/** What is written to the owner at one moment of a job. */
final readonly class Template
{
    /** Fields that something stands for at every moment. */
    private const ALWAYS = ['name', 'model', 'tag', 'shop', 'phone', 'link', 'date'];

    /**
     * @param  string  $moment    when it is sent, in words
     * @param  int  $afterDays days after that
     * @param  ?int  $everyDays repeated so often while nothing changed; null = once
     * @param  int  $most      how many times in all
     * @param  bool  $byHand    it leaves only once a person has read it and pressed send
     * @param  list<string>  $fields that may stand in its words
     */
    public function __construct(
        public string $id,
        public string $moment,
        public string $subject,
        public string $text,
        public int $afterDays,
        public ?int $everyDays,
        public int $most,
        public bool $byHand,
        public array $fields,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            moment: $row->text('moment'),
            subject: $row->text('subject'),
            text: $row->text('text'),
            afterDays: $row->whole('after_days', 0),
            everyDays: $row->wholeOrNull('every_days'),
            most: $row->whole('most', 1),
            byHand: $row->flag('by_hand'),
            fields: array_values(array_unique([...self::ALWAYS, ...$row->texts('also', [])])),
        );
    }

    /**
     * @param  array<string, string>  $facts name => what stands for it
     *
     * @return array{subject: string, text: string} a name with nothing to stand for it is left out
     */
    public function write(array $facts): array
    {
        return ['subject' => Fields::fill($this->subject, $facts), 'text' => Fields::fill($this->text, $facts)];
    }
}
