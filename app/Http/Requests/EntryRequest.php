<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;
use JsonException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Electrical\Quantity;
use Orthoscope\Core\Electrical\ResistorMarking;

/**
 * Entries sent from the bench: ready-made ones behind an outcome button (`written`, JSON), or one typed into a form
 * (`entry`). The core reads and judges them; here they are only put in shape.
 */
final class EntryRequest extends FormRequest
{
    use SentOnce;

    /** Kinds that have a page of their own, or come from the counter. */
    private const NOT_HERE = ['closing', 'agreement', 'collection'];

    public function authorize(): bool
    {
        /** @var User $user */
        $user = $this->user();
        $kinds = array_column($this->written(), 'kind');

        return array_intersect($kinds, self::NOT_HERE) === [] && (! in_array('override', $kinds, true) || $user->can('lead'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'written' => ['required_without:entry', 'nullable', 'string', 'max:20000'],
            'entry' => ['required_without:written', 'array'],
            'entry.text' => ['nullable', 'string', 'max:2000'],
            'once' => ['nullable', 'string', 'max:60'],
            'age' => ['nullable', 'integer', 'min:0'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['entry.text.max' => 'Keep the remark under 2000 letters; make a second note for the rest.'];
    }

    /** Seconds ago it was written, where the network was away meanwhile. */
    public function age(): int
    {
        return $this->integer('age');
    }

    /** The form field in which a mistake of the core belongs. */
    public function fieldOf(string $path): string
    {
        $head = explode('/', trim($path, '/'))[0];

        return 'entry.'.($head === '' ? 'kind' : $head);
    }

    /** @return list<array<string, mixed>> */
    public function written(): array
    {
        if ($this->filled('written')) {
            return $this->decoded();
        }
        $entry = (array) $this->input('entry', []);
        $written = array_filter(
            $entry,
            fn (mixed $value): bool => is_string($value) ? trim($value) !== '' : $value !== null && $value !== [],
        );
        $written['kind'] = is_string($entry['kind'] ?? null) ? $entry['kind'] : '';
        foreach (['codes', 'checked', 'contacts'] as $map) {
            if (is_array($written[$map] ?? null)) {
                $written[$map] = array_filter($written[$map], fn (mixed $value): bool => is_string($value) && trim($value) !== '');
            }
        }
        if (is_string($written['contacts'] ?? null)) {
            $written['contacts'] = $this->contacts($written['contacts']);
        }
        if (is_array($written['signs'] ?? null)) {
            $written['signs'] = array_filter($written['signs'], fn (mixed $value): bool => is_string($value) && $value !== '');
        }
        if ($written['kind'] === 'start') {
            $written['setup'] = $this->setUp((array) ($entry['setup'] ?? []));
        }
        if ($written['kind'] === 'note' && isset($written['consent'])) {
            $written = [...$written, 'kind' => 'report', 'marks' => ['consent-system']];
        }
        unset($written['consent']);
        if ($written['kind'] === 'report' && count($written) === 1) {
            throw ValidationException::withMessages(['entry.text' => 'Write what the owner says, or how often it fails.']);
        }
        if (isset($written['host'])) {
            $written['host'] = is_string($written['host']) ? ['tag' => strtoupper(trim($written['host']))] : [];
        }
        if (isset($written['begun'])) {
            $written['begun'] = (bool) $written['begun'];
        }
        foreach (['waited', 'times', 'entry', 'after', 'count', 'failed', 'of'] as $number) {
            if (isset($written[$number]) && filter_var($written[$number], FILTER_VALIDATE_INT) !== false) {
                $written[$number] = (int) $written[$number];
            }
        }
        foreach (['asked', 'used'] as $ohms) {
            if (is_string($written[$ohms] ?? null)) {
                try {
                    $written[$ohms] = ResistorMarking::parse($written[$ohms]);
                } catch (InvalidArgumentException $mistake) {
                    throw ValidationException::withMessages(["entry.{$ohms}" => $mistake->getMessage()]);
                }
            }
        }
        if (isset($written['on'])) {
            $written['on'] = (array) $written['on'];
        }
        if (is_array($written['values'] ?? null)) {
            $written['values'] = $this->values((string) ($entry['check'] ?? ''), $written['values']);
        }

        return [...$this->actBefore($written['kind']), array_filter($written, fn (mixed $value): bool => $value !== [])];
    }

    /**
     * The act a suggested step makes before its start.
     *
     * @return list<array<string, mixed>>
     */
    private function actBefore(string $kind): array
    {
        $act = $kind === 'start' && $this->filled('before') ? json_decode((string) $this->input('before'), true, 6) : null;

        return is_array($act) ? [['kind' => 'act', ...array_intersect_key($act, ['act' => 1, 'on' => 1])]] : [];
    }

    /** @return array<string, string> contacts of a socket, marked on its drawing */
    private function contacts(string $json): array
    {
        $decoded = json_decode($json, true, 3);

        return is_array($decoded)
            ? array_filter($decoded, is_string(...))
            : throw ValidationException::withMessages([
                'entry.contacts' => 'The map could not be read. Reload the page and mark it again.',
            ]);
    }

    /** @return list<array<string, mixed>> */
    private function decoded(): array
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
            throw ValidationException::withMessages(['entry.kind' => 'This step could not be read. Reload the page and press it again.']);
        }

        return $decoded;
    }

    /**
     * The form says of each part "own", "out", "lent:TAG" or "slot:SLOT".
     *
     * @param  array<string, mixed>  $form
     *
     * @return array<string, mixed>
     */
    private function setUp(array $form): array
    {
        $words = array_intersect_key($form, ['place' => 1, 'start_by' => 1, 'temperature' => 1, 'goal' => 1, 'output' => 1]);
        $setUp = array_filter($words, fn (mixed $v): bool => is_string($v) && $v !== '');
        $out = $lent = $moved = [];
        foreach ((array) ($form['parts'] ?? []) as $part => $state) {
            [$word, $which] = [...explode(':', is_string($state) ? $state : '', 2), ''];
            match ($word) {
                'out' => ($out[] = (string) $part),
                'lent' => ($lent[$part] = ['tag' => $which]),
                'slot' => ($moved[$part] = $which),
                default => null,
            };
        }

        return [...$setUp, ...array_filter(['out' => $out, 'lent' => $lent, 'moved' => $moved])];
    }

    /**
     * @param  array<string, mixed>  $typed
     *
     * @return array<string, float>
     */
    private function values(string $check, array $typed): array
    {
        $catalogue = app(Catalogue::class);
        $limit = isset($catalogue->checks[$check]) ? $catalogue->limits[$catalogue->checks[$check]->limit ?? ''] ?? null : null;
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
        if ($mistakes !== []) {
            throw ValidationException::withMessages($mistakes);
        }

        return $values;
    }
}
