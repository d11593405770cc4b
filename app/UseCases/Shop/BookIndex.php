<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use Orthoscope\Core\Handbook\Page;
use PDO;
use Throwable;

/**
 * Full-text search over the handbook, in a SQLite of its own whatever the shop's rows are kept in (FTS5, ranked by BM25). Words are found
 * by their stem and their beginning; where none is found so, pages that share most groups of three letters with what was typed are.
 */
final readonly class BookIndex
{
    private const MOST = 30;

    /** Shorter words share their groups of letters with too much. */
    private const FORGIVEN = 4;

    public function __construct(private string $file)
    {
    }

    /**
     * @param  callable(): array<string, Page>  $pages by address
     *
     * @return list<string> addresses, the best first
     */
    public function find(string $typed, callable $pages): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', mb_strtolower($typed), $found);
        $words = array_slice(array_values(array_unique($found[0])), 0, 8);
        if ($words === []) {
            return [];
        }
        $index = $this->opened($pages);
        $every = implode(' ', array_map(fn (string $word): string => "\"{$word}\"*", $words));

        return self::asked($index, 'pages', $every, $words) ?: self::asked($index, 'letters', self::threes($words), $words);
    }

    /**
     * @param  list<string>  $words as they were typed
     *
     * @return list<string>
     */
    private static function asked(PDO $index, string $table, string $match, array $words): array
    {
        if ($match === '') {
            return [];
        }
        // What is called as it was typed comes first; a word in a title counts for ten in a text, and a part before what is said of it.
        $query = $index->prepare("SELECT address FROM {$table} WHERE {$table} MATCH ?
            ORDER BY CASE WHEN lower(title) LIKE ? ESCAPE '\\' THEN length(title) ELSE 1000 END,
                bm25({$table}, 0, 10, 1) * CASE WHEN address LIKE 'part/%' THEN 2 ELSE 1 END LIMIT ".self::MOST);
        $query->execute([$match, addcslashes(implode(' ', $words), '%_\\').'%']);

        return array_map(strval(...), array_values($query->fetchAll(PDO::FETCH_COLUMN)));
    }

    /** @param  list<string>  $words */
    private static function threes(array $words): string
    {
        $threes = [];
        foreach ($words as $word) {
            for ($i = 0; mb_strlen($word) >= self::FORGIVEN && $i <= mb_strlen($word) - 3; $i++) {
                $threes[] = '"'.mb_substr($word, $i, 3).'"';
            }
        }

        return implode(' OR ', $threes);
    }

    /** @param  callable(): array<string, Page>  $pages */
    private function opened(callable $pages): PDO
    {
        $isThere = str_starts_with($this->file, '/') && is_file($this->file);
        if (! $isThere && str_starts_with($this->file, '/')) {
            try {
                // Made beside, and put in its place whole: two who search at once find one or the other.
                $beside = $this->file.'.'.bin2hex(random_bytes(4));
                self::filled($beside, $pages());
                array_map(unlink(...), glob(dirname($this->file).'/book-*.sqlite') ?: []);
                rename($beside, $this->file);
                $isThere = true;
            } catch (Throwable $failed) {
                // On a full disk it is made for this search alone.
                @unlink($beside ?? '');
                report($failed);
            }
        }

        return $isThere ? self::database($this->file) : self::filled(':memory:', $pages());
    }

    /** @param  array<string, Page>  $pages */
    private static function filled(string $file, array $pages): PDO
    {
        $index = self::database($file);
        $index->exec("CREATE VIRTUAL TABLE pages USING fts5(address UNINDEXED, title, words, tokenize = 'porter unicode61')");
        $index->exec("CREATE VIRTUAL TABLE letters USING fts5(address UNINDEXED, title, words, tokenize = 'trigram')");
        $index->beginTransaction();
        foreach (['pages', 'letters'] as $table) {
            $insert = $index->prepare("INSERT INTO {$table} VALUES (?, ?, ?)");
            foreach ($pages as $page) {
                // By letters only what a page is called and is about: its numbers share letters with everything.
                $insert->execute([$page->address, $page->title, $table === 'pages' ? $page->words() : $page->lead]);
            }
        }
        $index->commit();

        return $index;
    }

    private static function database(string $file): PDO
    {
        return new PDO("sqlite:{$file}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }
}
