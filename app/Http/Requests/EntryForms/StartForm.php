<?php

declare(strict_types=1);

namespace App\Http\Requests\EntryForms;

/** A start: how the machine was put together, and what it did. */
final class StartForm extends EntryForm
{
    protected const WHOLE = ['waited', 'times', 'after'];

    /** Words of the set-up beside its parts. */
    private const WORDS = [
        'place' => 1, 'start_by' => 1, 'temperature' => 1, 'goal' => 1, 'output' => 1, 'driver' => 1, 'driver_named' => 1, 'clocks' => 1,
    ];

    protected function shaped(array $written, array $typed): array
    {
        $written = self::withoutEmpty($written, 'codes', 'signs');
        $degrees = $written['degrees'] ?? null;
        if (is_string($degrees)) {
            // What is no number is left for the core to refuse.
            $number = str_replace(',', '.', preg_replace('/\s*°?C\s*$/iu', '', $degrees) ?? '');
            $written['degrees'] = is_numeric($number) ? (float) $number : 999.0;
        }
        $written['setup'] = $this->setUp((array) ($typed['setup'] ?? []));

        return $written;
    }

    /**
     * The form says of each part "own", "out", "lent:TAG" or "slot:SLOT".
     *
     * @param  array<array-key, mixed>  $form
     *
     * @return array<string, mixed>
     */
    private function setUp(array $form): array
    {
        $setUp = [];
        foreach (array_intersect_key($form, self::WORDS) as $name => $word) {
            if (is_string($word) && $word !== '') {
                $setUp[(string) $name] = $word;
            }
        }
        // Whoever names a driver means that it was another than its own.
        if (isset($setUp['driver_named']) && ($setUp['driver'] ?? 'own') === 'own') {
            $setUp['driver'] = 'other';
        }
        $tool = $form['attached'] ?? '';
        if (is_string($tool) && $tool !== '') {
            $setUp['attached'] = [$tool];
        }
        $out = $lent = $moved = [];
        foreach ((array) ($form['parts'] ?? []) as $part => $state) {
            [$word, $which] = [...explode(':', is_string($state) ? $state : '', 2), ''];
            match ($word) {
                'out' => $out[] = (string) $part,
                'lent' => $lent[$part] = ['tag' => $which],
                'slot' => $moved[$part] = $which,
                default => null,
            };
        }

        return [...$setUp, ...array_filter(['out' => $out, 'lent' => $lent, 'moved' => $moved])];
    }
}
