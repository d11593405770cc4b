<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Entry;
use Orthoscope\Core\Catalogue\Catalogue;

/** Which steps this shop takes most, by what its last entries say; a new shop gets those that come first on most machines. */
final class StepsMostTaken
{
    private const TEN = 10;

    /** Entries that are looked at. */
    private const LOOKED_AT = 2000;

    /** Origin: judgement. */
    private const USUAL = [
        'start', 'inside', 'plugs', 'supply-tester', 'reseat-memory', 'one-stick', 'lend-stick', 'lend-supply', 'bench', 'clear',
    ];

    /** @return list<string> ids of steps */
    public static function ids(): array
    {
        $catalogue = app(Catalogue::class);
        $byCheck = [];
        foreach ($catalogue->steps as $step) {
            $step->check === null || $byCheck[$step->check] ??= $step->id;
        }
        $counted = [];
        $entries = Entry::query()->whereIn('kind', ['start', 'finding'])->orderByDesc('id')->limit(self::LOOKED_AT)->get(['kind', 'body']);
        foreach ($entries as $entry) {
            $body = $entry->body;
            [$step] = explode(':', (string) ($body['step'] ?? $byCheck[$body['check'] ?? ''] ?? ''));
            isset($catalogue->steps[$step]) && $counted[$step] = ($counted[$step] ?? 0) + 1;
        }
        arsort($counted);
        $usual = array_filter(self::USUAL, fn (string $step): bool => isset($catalogue->steps[$step]));

        return array_slice(array_values(array_unique([...array_map(strval(...), array_keys($counted)), ...$usual])), 0, self::TEN);
    }
}
