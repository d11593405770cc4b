<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\EntryForms\EntryForm;
use Illuminate\Validation\ValidationException;
use JsonException;
use Orthoscope\Core\Catalogue\Catalogue;

/** Entries as forms of the bench send them: ready-made ones behind a button (`written`, JSON), or one typed (`entry`). */
trait SentEntries
{
    /** @return array<string, mixed> the one that was typed, put in shape by the form of its kind */
    private function typedEntry(): array
    {
        $typed = (array) $this->input('entry', []);
        $kind = is_string($typed['kind'] ?? null) ? $typed['kind'] : '';
        unset($typed['kind']);

        return EntryForm::of($kind, app(Catalogue::class))->written($kind, $typed);
    }

    /**
     * @param  string  $field in which a mistake is told
     *
     * @return list<array<string, mixed>>
     */
    private function readyEntries(string $field): array
    {
        try {
            $decoded = json_decode((string) $this->input('written'), true, 12, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $decoded = null;
        }
        if (
            ! is_array($decoded)
            || ! array_is_list($decoded)
            || $decoded === []
            || array_filter($decoded, fn (mixed $row): bool => ! is_array($row) || ! is_string($row['kind'] ?? null)) !== []
        ) {
            throw ValidationException::withMessages([$field => 'This step could not be read. Reload the page and press it again.']);
        }

        return $decoded;
    }
}
