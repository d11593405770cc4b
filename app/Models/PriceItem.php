<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A line of a supplier's price list.
 *
 * @property int                   $id
 * @property int                   $supplier_id
 * @property string                $number by which the supplier knows it
 * @property string                $kind
 * @property string                $name
 * @property string                $condition "new" or "used"
 * @property int                   $price minor units, before tax
 * @property array<string, string> $facts what decides whether it fits
 * @property ?Carbon               $gone_at since when a newer list stands in its place
 * @property PartsSupplier         $supplier
 * @property Carbon                $created_at
 */
class PriceItem extends Model
{
    use KeptInUtc;

    protected $fillable = ['supplier_id', 'number', 'kind', 'name', 'condition', 'price', 'facts', 'gone_at'];

    /** @return BelongsTo<PartsSupplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(PartsSupplier::class, 'supplier_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['facts' => 'array', 'gone_at' => 'datetime'];
    }
}
