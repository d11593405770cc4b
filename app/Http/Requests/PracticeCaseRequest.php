<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Orthoscope\Core\Practice\Puzzle;
use Orthoscope\Core\Practice\PuzzleMistake;

/** A practice machine made by hand, or brought in as a file. */
final class PracticeCaseRequest extends FormRequest
{
    /** What a machine made by hand may have. */
    public const HAS = [
        'card' => 'a graphics card',
        'own_graphics' => 'graphics of its own',
        'status_lamps' => 'status lamps',
        'speaker' => 'a speaker',
        'code_display' => 'a code display',
    ];

    public function authorize(): bool
    {
        return $this->user()?->can('lead') === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        if ($this->isFile()) {
            return ['file' => ['file', 'max:64']];
        }

        return [
            'name' => ['required', 'string', 'max:60'],
            'faults' => ['required', 'array', 'max:'.Puzzle::MOST],
            'faults.*' => ['nullable', 'string', 'max:60'],
            'slots' => ['required', Rule::in(['2', '4'])],
            'sticks' => ['required', Rule::in(['1', '2'])],
            'has' => ['array'],
            'has.*' => [Rule::in(array_keys(self::HAS))],
            'event' => ['required', 'string', 'max:40'],
            'told' => ['nullable', 'string', 'max:40'],
            'wet' => ['nullable', 'boolean'],
            'bad_spare' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.*' => 'A practice machine is a small JSON file, 64 kB at most.',
            'name.required' => 'Give it a name that tells nothing.',
            '*' => 'Choose from the lists; a name has up to 60 letters.',
        ];
    }

    /** The field in which a mistake of the core is told. */
    public function field(): string
    {
        return $this->isFile() ? 'file' : 'faults';
    }

    /** @throws PuzzleMistake when it is no practice machine */
    public function puzzle(): Puzzle
    {
        return Puzzle::fromArray($this->isFile() ? $this->decoded() : $this->byHand());
    }

    private function isFile(): bool
    {
        return $this->hasFile('file');
    }

    /** @return array<array-key, mixed> */
    private function decoded(): array
    {
        $file = $this->file('file');
        $decoded = is_array($file) ? null : json_decode((string) $file?->getContent(), true, 12);

        return is_array($decoded)
            ? $decoded
            : throw PuzzleMistake::at('', 'This is no JSON file; export one to see what it looks like.');
    }

    /** @return array<string, mixed> as in a file */
    private function byHand(): array
    {
        $faults = [];
        foreach (array_filter((array) $this->validated('faults')) as $fault) {
            [$part, $id] = [...explode(' ', $fault, 2), ''];
            $faults[] = ['fault' => $id, 'part' => $part];
        }

        return array_filter([
            'format' => Puzzle::FORMAT,
            'name' => $this->validated('name'),
            'machine' => $this->machine(),
            'faults' => $faults,
            'event' => $this->validated('event'),
            'told' => $this->validated('told'),
            'marks' => $this->boolean('wet') ? ['liquid'] : null,
            'bad_spares' => $this->boolean('bad_spare') && $faults !== [] ? [$faults[0]['part']] : null,
        ], fn (mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed> */
    private function machine(): array
    {
        $has = array_fill_keys((array) $this->validated('has', []), true);

        return [
            'memory' => [
                'slots' => $this->validated('slots') === '4' ? ['A1', 'A2', 'B1', 'B2'] : ['A2', 'B2'],
                'sticks' => $this->validated('sticks') === '2' ? ['A2', 'B2'] : ['A2'],
            ],
            'card' => isset($has['card']),
            'facts' => [
                // Without a card the picture comes from the processor, or there is none.
                'own_graphics' => isset($has['own_graphics']) || ! isset($has['card']),
                'status_lamps' => isset($has['status_lamps']),
                'speaker' => isset($has['speaker']),
                'code_display' => isset($has['code_display']),
            ],
        ];
    }
}
