<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Entry as Stored;
use App\Models\Job;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Evidence\Agreement;
use Orthoscope\Core\Evidence\Closing;
use Orthoscope\Core\Evidence\Collection;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\StrikeOut;
use Orthoscope\Core\Words\EntryWords;

/** What one person wrote down last, which can be taken back with one key for as long as nothing stands on it. */
final readonly class LastDeed
{
    /** Minutes after which it is struck out with a reason, like any other entry. */
    private const MINUTES = 15;

    /** What an owner was told or agreed to is never taken back by a key. */
    private const LASTING = [StrikeOut::class, Closing::class, Collection::class, Agreement::class];

    /** @param  string  $written the strike-outs that take it back, as the form of entries reads them */
    private function __construct(public string $words, public string $written)
    {
    }

    /** @return ?self null where the last entry is another's, is old, or is none that a key takes back */
    public static function of(Job $job, Assessment $assessment, EntryWords $words, ?int $reader): ?self
    {
        $last = $job->entries->sortBy('number')->last();
        if ($last === null || $last->user_id !== $reader || $last->made_at->lt(Carbon::now()->subMinutes(self::MINUTES))) {
            return null;
        }
        $entries = self::sentWith($last, $job, $assessment);
        if ($entries === [] || $entries[0]->number === 1 || self::isLasting($entries)) {
            return null;
        }
        $end = $entries[count($entries) - 1];
        $outcome = $words->outcome($end);

        return new self(
            implode(', ', array_filter([...array_map($words->what(...), $entries), $outcome])),
            json_encode(array_map(
                fn (Entry $entry): array => ['kind' => 'strike-out', 'entry' => $entry->number, 'text' => 'taken back at once'],
                array_reverse($entries),
            ), JSON_THROW_ON_ERROR),
        );
    }

    /** @return list<Entry> the last entry with what was sent in the same press, as an act with its start */
    private static function sentWith(Stored $last, Job $job, Assessment $assessment): array
    {
        $press = explode('.', (string) $last->sent_once)[0];
        $numbers = $job->entries
            ->filter(fn (Stored $one): bool => $one->is($last) || ($press !== '' && str_starts_with((string) $one->sent_once, "{$press}.")))
            ->pluck('number');

        return array_values(array_filter(
            $assessment->record->entries,
            fn (Entry $entry): bool => $numbers->contains($entry->number),
        ));
    }

    /** @param  list<Entry>  $entries */
    private static function isLasting(array $entries): bool
    {
        return array_filter($entries, fn (Entry $one): bool => in_array($one::class, self::LASTING, true)) !== [];
    }
}
