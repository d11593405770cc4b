<?php

declare(strict_types=1);

namespace App\View;

use App\Models\OwnValue;
use App\UseCases\Shop\CoreVersion;
use Illuminate\Contracts\Cache\Repository as Cache;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Triage\CounterQuestions;

/** What the counter asks before a word was said: the same for everybody until the catalogue changes, so it is kept. */
final readonly class BlankCounter
{
    public function __construct(private Catalogue $catalogue, private CoreVersion $version, private Cache $kept)
    {
    }

    public function asks(): CounterAsks
    {
        $own = (int) OwnValue::query()->max('id');
        $kept = $this->kept->remember(
            "counter.blank.{$this->version->word()}.{$own}",
            now()->addWeek(),
            fn (): CounterQuestions => CounterAsks::after([], $this->catalogue)->questions,
        );

        return CounterAsks::blank($kept, $this->catalogue);
    }
}
