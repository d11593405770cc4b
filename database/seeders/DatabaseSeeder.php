<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Database\Seeder;

/** The demo shop: people, a shelf of spares, and jobs in every state. All of it is made up. */
class DatabaseSeeder extends Seeder
{
    public function run(): void
    {
        // The demo has a part on its way, whatever day it is loaded.
        config(['shop.supplier_sold_out' => 0.0]);
        $this->call([
            PeopleSeeder::class,
            ShelfSeeder::class,
            JobsSeeder::class,
            BenchSeeder::class,
            EconomySeeder::class,
            HistorySeeder::class,
            PracticeSeeder::class,
        ]);
    }
}
