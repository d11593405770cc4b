<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Plain\UnreadableMoney;

/** An amount of money as people type it; the core says what is wrong with it. */
final readonly class MoneyTyped implements ValidationRule
{
    /** @param  ?Currency  $currency null = the shop's */
    public function __construct(private ?Currency $currency = null)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            ($this->currency ?? shop()->money())->parse(is_string($value) ? $value : '');
        } catch (UnreadableMoney $mistake) {
            $fail(mb_strimwidth($mistake->getMessage(), 0, 160, '…'));
        }
    }
}
