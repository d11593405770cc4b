<?php

declare(strict_types=1);

namespace App\Http\Requests\EntryForms;

use Illuminate\Validation\ValidationException;

/** What the owner says, and how often it fails. */
final class ReportForm extends EntryForm
{
    protected const WHOLE = ['failed', 'of', 'times'];

    /** Fields of a trial that others made: without one who made it they say nothing. */
    private const TRIAL = ['who' => 1, 'where' => 1, 'temperature' => 1, 'tried' => 1, 'times' => 1];

    protected function shaped(array $written, array $typed): array
    {
        if (isset($written['who'])) {
            return $this->trial($written);
        }
        $written = array_diff_key($written, self::TRIAL);
        if (count($written) === 1) {
            throw ValidationException::withMessages(['entry.text' => 'Write what the owner says, or how often it fails.']);
        }

        return self::withoutEmpty($written, 'signs');
    }

    /**
     * A start that others made; the form says how as "out:PART" or "theirs:PART".
     *
     * @param  array<string, mixed>  $written
     *
     * @return array<string, mixed>
     */
    private function trial(array $written): array
    {
        $tried = $written['tried'] ?? '';
        [$word, $part] = [...explode(':', is_string($tried) ? $tried : '', 2), ''];
        $trial = array_diff_key($written, ['tried' => 1, 'often' => 1, 'only' => 1, 'failed' => 1, 'of' => 1]);
        if (in_array($word, ['out', 'theirs'], true)) {
            $trial[$word] = [$part];
        }

        return ['kind' => 'trial'] + self::withoutEmpty($trial, 'signs');
    }
}
