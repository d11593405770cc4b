<?php

declare(strict_types=1);

namespace App\Http\Requests\EntryForms;

/** A note; with the owner's leave to go past the log-in screen it is something the owner said. */
final class NoteForm extends EntryForm
{
    protected function shaped(array $written, array $typed): array
    {
        $consent = isset($written['consent']);
        unset($written['consent']);

        return $consent ? [...$written, 'kind' => 'report', 'marks' => ['consent-system']] : $written;
    }
}
