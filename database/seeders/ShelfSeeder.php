<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Spare;
use Illuminate\Database\Seeder;

class ShelfSeeder extends Seeder
{
    private const SPARES = [
        ['S-12', 'supply', 'Plain 450 W supply', 0.97, 3500, [], 'A1'],
        ['S-15', 'supply', 'Quiet 550 W supply', 0.93, 5500, [], 'A1'],
        ['M-31', 'stick', 'One 8 GB stick, DDR4', 0.98, 1800, ['memory' => 'DDR4'], 'B2'],
        ['M-32', 'stick', 'One 4 GB stick, DDR3', 0.96, 800, ['memory' => 'DDR3'], 'B2'],
        ['G-04', 'card', 'Plain card, no power plug', 0.97, 2200, [], 'B1'],
        ['C-07', 'processor', 'Two-core processor, AM4', 0.95, 4500, ['socket' => 'AM4'], 'C1'],
        ['D-20', 'drive', 'Small drive with a test system', 0.97, 1500, [], 'B3'],
        ['L-01', 'wall-lead', 'Wall lead', 0.99, 200, [], 'hook'],
        ['L-02', 'video-lead', 'Video lead', 0.99, 400, [], 'hook'],
        ['L-03', 'drive-lead', 'Drive lead', 0.99, 200, [], 'hook'],
        ['V-01', 'screen', 'Bench screen', 0.99, 6000, [], 'bench 1'],
    ];

    public function run(): void
    {
        foreach (self::SPARES as [$tag, $kind, $name, $trust, $value, $fits, $place]) {
            Spare::query()->create(['tag' => $tag, 'kind' => $kind, 'name' => $name, 'trust' => $trust, 'value' => $value, 'fits' => $fits, 'place' => $place]);
        }
    }
}
