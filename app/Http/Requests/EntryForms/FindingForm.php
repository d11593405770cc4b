<?php

declare(strict_types=1);

namespace App\Http\Requests\EntryForms;

use Illuminate\Validation\ValidationException;
use InvalidArgumentException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Electrical\Quantity;
use Orthoscope\Core\Electrical\ResistorMarking;

/** A look or a reading: values are typed as they come ("11,32", "4k7", "160mA"), contacts of a socket are marked on its drawing. */
final class FindingForm extends EntryForm
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    protected function shaped(array $written, array $typed): array
    {
        $written = self::withoutEmpty($written, 'checked', 'contacts');
        if (is_string($written['contacts'] ?? null)) {
            $written['contacts'] = $this->contacts($written['contacts']);
        }
        $said = self::withoutEmpty(['said' => $written['in_host'] ?? []], 'said')['said'];
        unset($written['in_host']);
        if (isset($written['host']) || (is_array($said) && $said !== [])) {
            $written['host'] = $this->host($written['host'] ?? '', (array) $said);
        }
        if (is_array($written['values'] ?? null)) {
            $check = $typed['check'] ?? '';
            $written['values'] = $this->values(is_string($check) ? $check : '', $written['values']);
        }

        return $written;
    }

    /**
     * The machine it was tried in, and what else was said of it.
     *
     * @param  array<array-key, mixed>  $said
     *
     * @return array<string, mixed>
     */
    private function host(mixed $tag, array $said): array
    {
        return array_filter([
            'tag' => is_string($tag) ? strtoupper(trim($tag)) : '',
            'own' => $said['own'] ?? '',
            'again' => isset($said['again']),
            'same_board' => isset($said['same_board']),
        ]);
    }

    /** @return array<string, string> */
    private function contacts(string $json): array
    {
        $decoded = json_decode($json, true, 3);
        if (! is_array($decoded)) {
            throw ValidationException::withMessages([
                'entry.contacts' => 'The map could not be read. Reload the page and mark it again.',
            ]);
        }
        $contacts = [];
        foreach ($decoded as $place => $state) {
            if (is_string($state)) {
                $contacts[(string) $place] = $state;
            }
        }

        return $contacts;
    }

    /**
     * @param  array<array-key, mixed>  $typed
     *
     * @return array<string, float>
     */
    private function values(string $check, array $typed): array
    {
        $limit = $this->catalogue->limits[$this->catalogue->checks[$check]->limit ?? ''] ?? null;
        $values = $mistakes = [];
        foreach ($limit->values ?? [] as $row) {
            $value = $typed[$row->id] ?? '';
            if (! is_string($value) || trim($value) === '') {
                continue;
            }
            try {
                $values[$row->id] = $row->marking ? ResistorMarking::parse($value) : Quantity::parse($value, $row->unit);
            } catch (InvalidArgumentException $mistake) {
                $mistakes["entry.values.{$row->id}"] = $mistake->getMessage();
            }
        }

        return $mistakes === [] ? $values : throw ValidationException::withMessages($mistakes);
    }
}
