<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Job;
use App\Models\Loan;
use App\Models\Shift;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Parts\Loans;
use App\UseCases\Shop\ClaimBench;
use App\UseCases\Shop\KeepPaper;
use App\UseCases\Shop\ReceiveReading;
use App\UseCases\Shop\ShopCodes;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Storage;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Imports\CodebookCsv;
use Orthoscope\Core\Instruments\Instrument;
use Orthoscope\Core\Plain\Draw;
use Symfony\Component\Yaml\Yaml;

/** Who is in and has which bench in the demo shop, its codes, its papers, and a reading that waits. */
class BenchSeeder extends Seeder
{
    public function run(
        ClaimBench $claimBench,
        ShopCodes $codes,
        KeepPaper $keepPaper,
        ReceiveReading $receive,
        Loans $loans,
        AssessJob $assessJob,
    ): void {
        $people = User::query()->get()->keyBy('email');
        $demo = Yaml::parseFile(__DIR__.'/demo-bench.yaml');
        Storage::disk('local')->deleteDirectory('papers');
        foreach ($demo['claims'] as $claim) {
            $claimBench->claim(Job::query()->where('tag', $claim['job'])->firstOrFail(), $people[$claim['by']], $claim['bench']);
        }
        for ($day = now()->startOfDay(); $day->lt(now()->addDays(7)); $day = $day->copy()->addDay()) {
            foreach (in_array($day->dayOfWeekIso, shop()->openDays, true) ? $demo['shifts'] : [] as $shift) {
                Shift::query()->create([
                    'user_id' => $people[$shift['who']]->id,
                    'from_at' => $day->copy()->setTimeFromTimeString($shift['from']),
                    'to_at' => $day->copy()->setTimeFromTimeString($shift['to']),
                ]);
            }
        }
        // What is closed has given its spares back.
        foreach (
            Loan::query()
                ->with(['spare', 'job'])
                ->whereNull('back_at')
                ->whereHas('job.summary', fn ($summary) => $summary->where('closed', true))
                ->get() as $loan
        ) {
            $loans->bringBack($loan, 'worked', '', $people['piet'], $assessJob);
        }
        $codes->add(CodebookCsv::read($demo['codes'], app(Catalogue::class)), $people['maud']);
        foreach ($demo['papers'] as $paper) {
            $keepPaper->keep($paper['model'], $paper['kind'], $paper['title'], null, $people[$paper['by']]);
        }
        foreach ($demo['readings'] as $reading) {
            $receive->at(
                $reading['bench'],
                json_encode(
                    Instrument::from($reading['instrument'])->read($reading['fault'], Draw::from('demo'))->toArray(),
                    JSON_THROW_ON_ERROR,
                ),
            );
        }
    }
}
