<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** What is written to the owner at one moment of a job. */
final readonly class Template
{
    /**
     * @param  string  $moment    when it is sent, in words
     * @param  int  $afterDays days after that
     * @param  ?int  $everyDays repeated so often while nothing changed; null = once
     * @param  int  $most      how many times in all
     * @param  bool  $byHand    it leaves only once a person has read it and pressed send
     */
    public function __construct(
        public string $id,
        public string $moment,
        public string $subject,
        public string $text,
        public int $afterDays,
        public ?int $everyDays,
        public int $most,
        public bool $byHand = false,
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
        );
    }

    /**
     * @param  array<string, string>  $facts name => what stands for it
     *
     * @return array{subject: string, text: string} a name with nothing to stand for it is left out
     */
    public function write(array $facts): array
    {
        $fill = function (string $words) use ($facts): string {
            // A fact is one line, whatever was typed for a name or a model.
            $filled = (string) preg_replace_callback(
                '/\{(\w+)\}/',
                fn (array $found): string => (string) preg_replace('/\s+/u', ' ', $facts[$found[1]] ?? ''),
                $words,
            );

            return trim((string) preg_replace(['/ {2,}/', '/ +\n/'], [' ', "\n"], $filled));
        };

        return ['subject' => $fill($this->subject), 'text' => $fill($this->text)];
    }
}
