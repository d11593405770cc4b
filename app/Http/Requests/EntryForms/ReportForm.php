<?php

declare(strict_types=1);

namespace App\Http\Requests\EntryForms;

use Illuminate\Validation\ValidationException;

/** What the owner says, and how often it fails. */
final class ReportForm extends EntryForm
{
    protected const WHOLE = ['failed', 'of'];

    protected function shaped(array $written, array $typed): array
    {
        if (count($written) === 1) {
            throw ValidationException::withMessages(['entry.text' => 'Write what the owner says, or how often it fails.']);
        }

        return self::withoutEmpty($written, 'signs');
    }
}
