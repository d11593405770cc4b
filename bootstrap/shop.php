<?php

declare(strict_types=1);

use App\Models\Shop;

if (! function_exists('shop')) {
    /** The shop as it is set up. */
    function shop(): Shop
    {
        return app(Shop::class);
    }
}
