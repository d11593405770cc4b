<?php

declare(strict_types=1);

namespace App\UseCases\Jobs\BroughtIn;

use App\Models\BringIn;
use App\Models\Spare;
use App\Models\User;
use App\UseCases\Parts\SpareBook;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Shelf\NewSpare;
use Orthoscope\Core\Shelf\SpareMistake;

/** Spares of before: trusted no more than their origin says, until they are proved. */
final readonly class TakesSpares implements TakesRows
{
    public function __construct(private Catalogue $catalogue, private SpareBook $book)
    {
    }

    public function against(array $rows): array
    {
        $mistakes = $lines = [];
        foreach ($rows as $line => $row) {
            try {
                $spare = $this->made($row);
            } catch (SpareMistake $mistake) {
                $mistakes[$line] = ucfirst($mistake->getMessage());

                continue;
            }
            if (isset($lines[$spare->tag])) {
                $mistakes[$line] = "{$spare->tag} stands on line {$lines[$spare->tag]} already.";
            }
            $lines[$spare->tag] ??= $line;
        }

        return $mistakes;
    }

    public function take(array $rows, User $by, BringIn $from): string
    {
        $there = Spare::query()
            ->whereIn('tag', array_map(fn (array $row): string => strtoupper((string) $row['tag']), $rows))
            ->pluck('tag')
            ->flip();
        $added = 0;
        foreach ($rows as $row) {
            $spare = $this->made($row);
            if (! isset($there[$spare->tag])) {
                $this->book->add($spare, $by);
                $added++;
            }
        }
        $known = count($rows) - $added;

        return "{$added} spares were brought in".($known > 0 ? "; {$known} stood here already." : '.');
    }

    /**
     * @param  array<string, string|int>  $row
     *
     * @throws SpareMistake
     */
    private function made(array $row): NewSpare
    {
        $value = $row['value'] === '' ? '' : $this->catalogue->economy->currency->typed((int) $row['value']);

        return NewSpare::written(
            array_map(strval(...), [...$row, 'value' => $value, 'kind' => KindOfPart::of((string) $row['kind'], $this->catalogue)]),
            $this->catalogue,
        );
    }
}
