<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Plain\UnreadableRow;

/** Words of owners that may mean one thing. */
final readonly class HeardWords
{
    /**
     * @param  string  $field what it is about: "reached", "often", "only", "event", or a sign channel
     * @param  string  $value what it may mean there
     * @param  non-empty-list<string>  $says
     * @param  list<string>  $unless words that turn it round
     */
    private function __construct(public string $field, public string $value, public array $says, public array $unless)
    {
    }

    public static function fromRow(Row $row): self
    {
        $means = $row->textByName('signs', []);
        foreach (['reached', 'often', 'only', 'event'] as $field) {
            if ($row->has($field)) {
                $means[$field] = $row->text($field);
            }
        }
        $says = array_map(self::plain(...), $row->texts('says'));
        if (count($means) !== 1 || $says === []) {
            throw UnreadableRow::wrong($row->where, 'says', 'words for one meaning', $row->all());
        }

        $unless = array_map(self::plain(...), $row->texts('unless', []));

        return new self((string) key($means), (string) current($means), $says, $unless);
    }

    public function isHeardIn(string $words): bool
    {
        $plain = ' '.self::plain($words).' ';
        foreach ($this->unless as $other) {
            if (str_contains($plain, " {$other}")) {
                return false;
            }
        }
        foreach ($this->says as $said) {
            if (str_contains($plain, " {$said}")) {
                return true;
            }
        }

        return false;
    }

    /** In small letters, each word apart by one space: "Won't  POST!" is "won't post". */
    private static function plain(string $words): string
    {
        $small = str_replace('’', "'", mb_strtolower($words));

        return trim((string) preg_replace("/[^\\p{L}\\p{N}'-]+/u", ' ', $small));
    }
}
