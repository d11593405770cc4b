<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Somebody the shop buys parts from.
 *
 * @property int     $id
 * @property string  $name
 * @property string  $contact
 * @property string  $mail
 * @property string  $phone
 * @property string  $customer_number by which they know the shop
 * @property string  $terms in the shop's own words
 * @property int     $days_from until a part is here, at best
 * @property int     $days_to   and at worst
 * @property int     $return_days in which a part can be sent back
 * @property ?Carbon $ended_at since when nothing is bought there any more
 */
class PartsSupplier extends Model
{
    use KeptInUtc;

    protected $table = 'suppliers';

    protected $fillable = [
        'name', 'contact', 'mail', 'phone', 'customer_number', 'terms', 'days_from', 'days_to', 'return_days', 'ended_at',
    ];

    protected $attributes = [
        'contact' => '', 'mail' => '', 'phone' => '', 'customer_number' => '', 'terms' => '', 'days_from' => 1, 'days_to' => 3,
        'return_days' => 14, 'ended_at' => null,
    ];

    /**
     * Of whom is bought now.
     *
     * @param  Builder<self>  $query
     */
    public function scopeInUse(Builder $query): void
    {
        $query->whereNull('ended_at');
    }

    /** @return HasMany<PriceItem, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(PriceItem::class, 'supplier_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ended_at' => 'datetime'];
    }
}
