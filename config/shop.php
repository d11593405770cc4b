<?php

declare(strict_types=1);

return [
    'name' => env('SHOP_NAME', 'Lantern Street Repairs'),
    'address' => env('SHOP_ADDRESS', '7 Lantern Street, Port Ansel'),
    'phone' => env('SHOP_PHONE', '0555 014 220'),
    'currency' => env('SHOP_CURRENCY', '€'),
    'open_days' => [1, 2, 3, 4, 5, 6],
    'open_from' => 9,
    'open_to' => 18,
    'benches' => 2,
    // A shop to look at, with made-up people: a guided first job is offered there and nowhere else.
    'demo' => (bool) env('SHOP_DEMO', false),
    // Share of tries in which the simulated message gateway fails.
    // Chance that a machine comes back within its warranty which the lead accepts, 0.01 to 0.5: how many clean starts are asked follows
    // from it.
    'comeback_risk' => (float) env('SHOP_COMEBACK_RISK', 0.1),
    'gateway_fails' => (float) env('SHOP_GATEWAY_FAILS', 0.1),
    // What the simulated suppliers do follows from this word; with "fixed" whether the part of an order works is set, for courses that are
    // played.
    'supplier_seed' => env('SHOP_SUPPLIER_SEED', 'harbour'),
    'supplier_fixed' => json_decode((string) env('SHOP_SUPPLIER_FIXED', '[]'), true) ?: [],
    // Share of days on which a simulated supplier has none left of something. Origin: judgement.
    'supplier_sold_out' => (float) env('SHOP_SUPPLIER_SOLD_OUT', 0.06),
    // Bench minutes a job still takes, by what it waits for, until the next word on another can be given. Origin: judgement.
    'bench_minutes' => ['locked' => 10, 'first-start' => 40, 'find' => 45, 'confirm' => 15, 'repair' => 40, 'prove' => 25],
];
