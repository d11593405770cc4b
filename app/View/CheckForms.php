<?php

declare(strict_types=1);

namespace App\View;

use App\Models\OwnValue;
use App\Models\Spare;
use App\UseCases\Shop\CoreVersion;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Contracts\View\Factory as Views;
use Illuminate\Support\HtmlString;
use Illuminate\Support\ViewErrorBag;

/**
 * The forms of looks and readings, half of a bench page. They follow from what a machine is made of, the catalogue and the shop's good
 * machines, so that they are made once and kept for all machines that are alike. Addresses in them name no host, for the shop may be
 * reached by several.
 */
final readonly class CheckForms
{
    /** What stands in kept forms where the tag of a job belongs. */
    private const TAG = '--the-tag-of-the-job--';

    public function __construct(private CoreVersion $version, private Cache $kept, private Views $views)
    {
    }

    public function of(JobPage $page): HtmlString
    {
        $of = hash('xxh128', serialize([
            $this->version->word(),
            (int) OwnValue::query()->max('id'),
            $page->job->machine->made_of,
            $page->hosts()->map(fn (Spare $host): array => [$host->tag, $host->name, (int) round(100 * $host->trustNow())])->all(),
            filemtime(resource_path('views/dialogs/checks.blade.php')),
        ]));
        $html = $this->kept->remember("check-forms.{$of}", now()->addWeek(), fn (): string => $this->made($page));

        return new HtmlString(str_replace(self::TAG, e($page->job->tag), $html));
    }

    private function made(JobPage $page): string
    {
        $job = (clone $page->job)->forceFill(['tag' => self::TAG]);

        return $this->views->make('dialogs.checks', [
            'page' => $page,
            'job' => $job,
            'a' => $page->assessment,
            'kind' => null,
            'errors' => new ViewErrorBag,
        ])->render();
    }
}
