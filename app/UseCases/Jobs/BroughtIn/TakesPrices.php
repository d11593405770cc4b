<?php

declare(strict_types=1);

namespace App\UseCases\Jobs\BroughtIn;

use App\Models\BringIn;
use App\Models\PriceItem;
use App\Models\User;
use Orthoscope\Core\Catalogue\Catalogue;

/** The newest list of a supplier: it stands in place of the one before. */
final readonly class TakesPrices implements TakesRows
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function against(array $rows): array
    {
        $mistakes = [];
        foreach ($rows as $line => $row) {
            $kind = KindOfPart::of((string) $row['kind'], $this->catalogue);
            if (! isset($this->catalogue->parts[$kind])) {
                $mistakes[$line] =
                    "\"{$row['kind']}\" is no kind of part that is known; one of ".
                    implode(
                        ', ',
                        array_slice(array_keys(array_filter($this->catalogue->parts, fn ($one): bool => $one->lendable)), 0, 12),
                    ).
                    '.';
            } elseif ((int) $row['price'] === 0) {
                $mistakes[$line] = 'It costs nothing; take the row out, or type its price.';
            } elseif (! in_array(self::condition($row), ['new', 'used'], true)) {
                $mistakes[$line] = "\"{$row['condition']}\" is neither new nor used.";
            }
        }

        return $mistakes;
    }

    public function take(array $rows, User $by, BringIn $from): string
    {
        PriceItem::query()
            ->where('supplier_id', $from->supplier_id)
            ->whereNull('gone_at')
            ->update(['gone_at' => now()]);
        foreach ($rows as $row) {
            PriceItem::query()->create([
                'supplier_id' => $from->supplier_id,
                'number' => (string) $row['number'],
                'kind' => KindOfPart::of((string) $row['kind'], $this->catalogue),
                'name' => (string) $row['name'],
                'condition' => self::condition($row),
                'price' => (int) $row['price'],
                'facts' => array_filter(['memory' => (string) $row['memory'], 'socket' => (string) $row['socket']]),
            ]);
        }

        return count($rows).' prices were brought in; they stand in place of the list before.';
    }

    /** @param  array<string, string|int>  $row */
    private static function condition(array $row): string
    {
        return match (mb_strtolower((string) $row['condition'])) {
            '', 'new' => 'new',
            'used', 'refurbished', 'second hand', 'pulled' => 'used',
            default => '',
        };
    }
}
