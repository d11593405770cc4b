<?php

declare(strict_types=1);

return [
    'name' => env('SHOP_NAME', 'Lantern Street Repairs'),
    'address' => env('SHOP_ADDRESS', '7 Lantern Street, Port Ansel'),
    'phone' => env('SHOP_PHONE', '0555 014 220'),
    'currency' => env('SHOP_CURRENCY', '€'),
];
