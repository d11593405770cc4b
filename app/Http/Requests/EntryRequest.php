<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/**
 * Entries sent from the bench: ready-made ones behind an outcome button (`written`, JSON), or one typed into a form
 * (`entry`). The core reads and judges them; here they are only put in shape.
 */
final class EntryRequest extends FormRequest
{
    use SentEntries;
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
            return $this->readyEntries('entry.kind');
        }
        $written = $this->typedEntry();

        return [...$this->actBefore((string) ($written['kind'] ?? '')), $written];
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
}
