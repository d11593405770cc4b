<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Code;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Codes\Codebook;
use Orthoscope\Core\Codes\CodeKind;
use Orthoscope\Core\Codes\CodeMeaning;
use Orthoscope\Core\Codes\UnreadableCode;

/** What codes mean in this shop: the meanings that ship, and its own. */
final readonly class ShopCodes
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function book(): Codebook
    {
        return $this->catalogue->codes->and($this->own());
    }

    public function own(): Codebook
    {
        return new Codebook(
            array_values(
                Code::query()
                    ->orderBy('kind')
                    ->orderBy('for')
                    ->orderBy('id')
                    ->get()
                    ->map(fn (Code $code): CodeMeaning => $code->meaning())
                    ->all(),
            ),
        );
    }

    /** Adds meanings; one for the same codes of the same model takes the place of the earlier. */
    public function add(Codebook $book, User $by): void
    {
        DB::transaction(function () use ($book, $by): void {
            foreach ($book->meanings as $meaning) {
                Code::query()->updateOrCreate(
                    ['kind' => $meaning->kind->value, 'for' => $meaning->for, 'from' => $meaning->from, 'to' => $meaning->to],
                    [
                        'value' => $meaning->value,
                        'words' => $meaning->words,
                        'source' => $meaning->source,
                        'reliability' => $meaning->reliability,
                        'user_id' => $by->id,
                    ],
                );
            }
        });
    }

    /** @return list<string> what the machine of a job may be called in a codebook */
    public static function namesOf(Job $job): array
    {
        $platform = $job->machine->made_of['platform'] ?? [];

        return array_values(
            array_filter([$job->machine->model, (string) ($platform['firmware'] ?? ''), (string) ($platform['board'] ?? '')]),
        );
    }

    /**
     * The same starts, with what their codes amount to: a code no meaning is known of stays on the record as it was shown. A sign
     * that was looked at itself is not overruled by a code.
     *
     * @param  list<array<string, mixed>>  $written
     *
     * @return list<array<string, mixed>>
     */
    public function meant(Job $job, array $written): array
    {
        $book = null;
        foreach ($written as $i => $entry) {
            foreach ($entry['kind'] === 'start' && is_array($entry['codes'] ?? null) ? $entry['codes'] : [] as $word => $code) {
                $kind = CodeKind::tryFrom((string) $word);
                if ($kind === null || ! is_string($code)) {
                    continue;
                }
                try {
                    $meaning = ($book ??= $this->book())->meaning($kind, $kind->read($code), self::namesOf($job));
                } catch (UnreadableCode) {
                    // The core says so, where the code was typed.
                    continue;
                }
                if ($meaning !== null && ! isset($entry['signs'][$kind->channel()])) {
                    $written[$i]['signs'][$kind->channel()] = $meaning->value;
                    $written[$i]['reliability'][$kind->channel()] = $meaning->reliability;
                }
            }
        }

        return $written;
    }
}
