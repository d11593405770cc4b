<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\StockItem;
use App\Models\User;
use App\UseCases\Parts\SpareBook;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Shelf\NewSpare;
use Symfony\Component\Yaml\Yaml;

/** The demo shelf: spares with where they are from, how they were proved and when, and counted stock. */
class ShelfSeeder extends Seeder
{
    public function run(SpareBook $book): void
    {
        $people = User::query()->get()->keyBy('email');
        $demo = Yaml::parseFile(__DIR__.'/demo-shelf.yaml');
        [$now, $clockBefore] = [Carbon::now(), Carbon::getTestNow()];
        foreach ($demo['spares'] as $row) {
            Carbon::setTestNow($now->copy()->subDays($row['days_ago']));
            $spare = NewSpare::written(
                array_map(strval(...), array_diff_key($row, ['days_ago' => 1, 'proof' => 1])),
                app(Catalogue::class),
            );
            $kept = $book->add($spare, $people['maud']);
            if (isset($row['proof'])) {
                $book->prove($kept, $row['proof'], true, 'in the bench machine', $people['rhea']);
            }
        }
        Carbon::setTestNow($clockBefore);
        foreach ($demo['stock'] as $item) {
            StockItem::query()->create($item);
        }
    }
}
