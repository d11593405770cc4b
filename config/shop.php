<?php

declare(strict_types=1);

return [
    // What holds until the shop sets its own: read by App\Models\Shop alone.
    'shipped' => [
        'name' => '',
        'address' => '',
        'phone' => '',
        'mail' => '',
        'taxNumber' => '',
        'logo' => '',
        'country' => '',
        'currency' => '€',
        'decimals' => 2,
        'point' => '.',
        'tax' => 2000,
        'taxPerLine' => false,
        'timeZone' => env('APP_TIMEZONE', 'UTC'),
        'dateForm' => 'j M Y',
        'weekStart' => 1,
        'priceOfOne' => 1000,
        'openDays' => [1, 2, 3, 4, 5, 6],
        'openFrom' => 9,
        'openTo' => 18,
        'closedDays' => [],
        'benches' => 2,
        'hourPrice' => 4800,
        'depositFrom' => 15000,
        'depositShare' => 3000,
        'quoteDays' => 14,
        'comebackRisk' => 100,
        'handsMinutes' => 10,
        'backupFolder' => '',
        'backupSecret' => '',
        'publicAddress' => '',
        'keepMessages' => 0,
        'keepPhotos' => 0,
        'keepCalls' => 0,
        'keepOwners' => 0,
        'addressMonths' => 6,
        'school' => '',
        'schoolOrder' => [],
        'smtpHost' => '',
        'smtpPort' => 587,
        'smtpUser' => '',
        'smtpSecret' => '',
        'smsUrl' => '',
        'smsBody' => '{"to":"{to}","text":"{text}"}',
        'smsSecret' => '',
    ],
    // A shop to look at, with made-up people: a guided first job is offered there and nowhere else.
    'demo' => (bool) env('SHOP_DEMO', false),
    // "simulated" in the demo and in tests: nothing leaves. Anything else: by the shop's own mail server, or by hand.
    'gateway' => env('SHOP_GATEWAY', env('SHOP_DEMO', false) ? 'simulated' : 'own'),
    // Share of tries in which the simulated message gateway fails.
    'gateway_fails' => (float) env('SHOP_GATEWAY_FAILS', 0.1),
    // "simulated" beside the shop's own in the demo and in tests; anything else: the shop's own alone.
    'suppliers' => env('SHOP_SUPPLIERS', env('SHOP_DEMO', false) ? 'simulated' : 'own'),
    // What the simulated suppliers do follows from this word; with "fixed" whether the part of an order works is set, for courses that are
    // played.
    'supplier_seed' => env('SHOP_SUPPLIER_SEED', 'harbour'),
    'supplier_fixed' => json_decode((string) env('SHOP_SUPPLIER_FIXED', '[]'), true) ?: [],
    // Share of days on which a simulated supplier has none left of something. Origin: judgement.
    'supplier_sold_out' => (float) env('SHOP_SUPPLIER_SOLD_OUT', 0.06),
];
