<?php

declare(strict_types=1);

namespace App\Http\Requests\EntryForms;

use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Catalogue\Catalogue;

/** What is typed into the form of one kind of entry, put into the shape a case file has. The core reads and judges it. */
abstract class EntryForm
{
    /** Fields of the form that hold whole numbers; what is none is left for the core to refuse. */
    protected const WHOLE = [];

    public static function of(string $kind, Catalogue $catalogue): self
    {
        return match ($kind) {
            'start' => new StartForm,
            'finding' => new FindingForm($catalogue),
            'act' => new ActForm,
            'note' => new NoteForm,
            'report' => new ReportForm,
            'strike-out', 'tally' => new CountedForm,
            default => new PlainForm,
        };
    }

    /**
     * @param  array<array-key, mixed>  $typed
     *
     * @return array<string, mixed> the written entry
     *
     * @throws ValidationException at the field that is wrong
     */
    public function written(string $kind, array $typed): array
    {
        $filled = [];
        foreach ($typed as $field => $value) {
            $isEmpty = is_string($value) ? trim($value) === '' : $value === null || $value === [];
            if (! $isEmpty) {
                $filled[(string) $field] = $value;
            }
        }
        foreach (static::WHOLE as $field) {
            $whole = filter_var($filled[$field] ?? null, FILTER_VALIDATE_INT);
            if ($whole !== false) {
                $filled[$field] = $whole;
            }
        }

        return array_filter($this->shaped(['kind' => $kind] + $filled, $typed), fn (mixed $value): bool => $value !== []);
    }

    /**
     * @param  array<string, mixed>  $written what was filled in
     * @param  array<array-key, mixed>  $typed all of the form
     *
     * @return array<string, mixed>
     */
    protected function shaped(array $written, array $typed): array
    {
        return $written;
    }

    /**
     * A field that holds words by name: those that are not empty.
     *
     * @param  array<string, mixed>  $written
     *
     * @return array<string, mixed>
     */
    protected static function withoutEmpty(array $written, string ...$fields): array
    {
        foreach ($fields as $field) {
            if (is_array($written[$field] ?? null)) {
                $written[$field] = array_filter($written[$field], fn (mixed $one): bool => is_string($one) && trim($one) !== '');
            }
        }

        return $written;
    }
}
