<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\DecideJob;
use App\UseCases\Jobs\BuyMachines;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Owners\SendQuote;
use App\UseCases\Parts\OrderParts;
use DateTimeImmutable;
use Illuminate\Database\Seeder;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Quote\Quote;
use Symfony\Component\Yaml\Yaml;

/** A quote that waits for its owner, a part on its way, and machines of the shop's own. */
class EconomySeeder extends Seeder
{
    public function run(
        DecideJob $decide,
        SendQuote $send,
        OrderParts $orders,
        BuyMachines $buy,
        RecordEntries $recordEntries,
        Catalogue $catalogue,
    ): void {
        $maud = User::query()->where('email', 'maud')->firstOrFail();
        $demo = Yaml::parseFile(__DIR__.'/demo-economy.yaml');
        foreach ($demo['quotes'] as $row) {
            $job = Job::query()->where('tag', $row['job'])->firstOrFail();
            $now = new DateTimeImmutable(now()->toIso8601String());
            $send->send(
                $job,
                $maud,
                Quote::of(
                    $decide->variants($job, $row['options']),
                    $now->modify('+14 days'),
                    $now,
                    $catalogue->economy->deposit,
                    $row['words'],
                ),
            );
        }
        foreach ($demo['orders'] as $row) {
            $orders->place(Job::query()->where('tag', $row['job'])->firstOrFail(), $maud, $row['part'], $row['offer']);
        }
        foreach ($demo['own'] as $row) {
            $until = now()->addDays($row['return_days']);
            $bought = $buy->buy($maud, $row['machines'], $row['paid'], $row['from'], $row['said'], $until);
            foreach ($bought as $i => $job) {
                $recordEntries->record($job, $maud, $row['entries'][$i] ?? [['kind' => 'note', 'text' => 'Not tried yet.']]);
            }
        }
    }
}
