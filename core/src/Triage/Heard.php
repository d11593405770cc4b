<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

use Orthoscope\Core\Catalogue\Catalogue;

/**
 * What an owner's own words may mean: offered to whoever writes them down, and told only once they press it. Two meanings of one thing
 * cancel each other, as words say both what it does and what it did before.
 *
 * @phpstan-type ToldReport array{reached?: string, often?: string, only?: string, signs?: array<string, string>,
 *     events?: list<string>, marks?: list<string>}
 */
final readonly class Heard
{
    /**
     * @param  array<string, string>  $means "reached", "often", "only" or a sign channel => value
     * @param  list<string>  $events what may have happened just before
     */
    private function __construct(public array $means, public array $events)
    {
    }

    public static function in(string $words, Catalogue $catalogue): self
    {
        $means = $events = [];
        foreach ($catalogue->heard as $heard) {
            if (! $heard->isHeardIn($words)) {
                continue;
            }
            if ($heard->field === 'event') {
                $events[] = $heard->value;
            } else {
                $means[$heard->field][$heard->value] = $heard->value;
            }
        }
        $one = array_filter($means, fn (array $values): bool => count($values) === 1);

        return new self(array_map(fn (array $values): string => (string) reset($values), $one), $events);
    }

    /**
     * A report with what was heard in the place of what nobody has told yet.
     *
     * @param  ToldReport  $told a report, as in a case file
     *
     * @return ToldReport
     */
    public function filling(array $told): array
    {
        foreach (['reached', 'often', 'only'] as $field) {
            if (isset($this->means[$field])) {
                $told[$field] ??= $this->means[$field];
            }
        }
        $signs = array_diff_key($this->means, ['reached' => 1, 'often' => 1, 'only' => 1]);
        $told['signs'] = [...$signs, ...$told['signs'] ?? []];
        $told['events'] = array_values(array_unique([...$told['events'] ?? [], ...$this->events]));

        return $told;
    }
}
