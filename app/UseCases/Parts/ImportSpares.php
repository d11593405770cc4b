<?php

declare(strict_types=1);

namespace App\UseCases\Parts;

use App\Models\Spare;
use App\Models\User;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Shelf\SpareCsv;

/** Reads spares in from CSV: good rows in, bad rows told with line and reason, and what is on the shelf already is not taken twice. */
final readonly class ImportSpares
{
    public function __construct(private Catalogue $catalogue, private SpareBook $book)
    {
    }

    /** @return array{sentence: string, mistakes: array<int, string>} */
    public function from(string $csv, User $by): array
    {
        $read = SpareCsv::read($csv, $this->catalogue);
        $there = Spare::query()->whereIn('tag', array_column($read->spares, 'tag'))->pluck('tag')->flip();
        $added = 0;
        foreach ($read->spares as $spare) {
            if (! isset($there[$spare->tag])) {
                $this->book->add($spare, $by);
                $added++;
            }
        }
        $known = count($read->spares) - $added;

        return [
            'sentence' => "{$added} added"
                .($known > 0 ? ", {$known} were there already" : '')
                .($read->mistakes === [] ? '.' : ', '.count($read->mistakes).' rows could not be read.'),
            'mistakes' => array_slice($read->mistakes, 0, 100, true),
        ];
    }
}
