<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Reading as StoredReading;
use InvalidArgumentException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Instruments\SentReading;

/** Takes in what an instrument sends to a bench. Nothing is on a record until someone at the bench takes it there. */
final readonly class ReceiveReading
{
    /** So many wait at one bench; the oldest goes when one more comes. */
    private const MOST = 10;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @throws InvalidArgumentException with one sentence */
    public function at(int $bench, string $json): void
    {
        $benches = shop()->benches;
        if ($bench < 1 || $bench > $benches) {
            throw new InvalidArgumentException("There are {$benches} benches; send to one from 1 to {$benches}.");
        }
        $reading = SentReading::parse($json, $this->catalogue);
        StoredReading::query()->create(['bench' => $bench, 'instrument' => $reading->instrument, 'body' => $reading->toArray()]);
        $keep = StoredReading::query()->where('bench', $bench)->orderByDesc('id')->limit(self::MOST)->pluck('id');
        StoredReading::query()->where('bench', $bench)->whereNotIn('id', $keep)->delete();
    }
}
