<?php

declare(strict_types=1);

namespace App\Http\Requests\EntryForms;

use Illuminate\Validation\ValidationException;
use InvalidArgumentException;
use Orthoscope\Core\Electrical\ResistorMarking;

/** What was done to the machine; a resistor's values are typed as they are printed. */
final class ActForm extends EntryForm
{
    protected function shaped(array $written, array $typed): array
    {
        if (isset($written['begun'])) {
            $written['begun'] = (bool) $written['begun'];
        }
        if (isset($written['on'])) {
            $written['on'] = (array) $written['on'];
        }
        foreach (['asked', 'used'] as $ohms) {
            if (! is_string($written[$ohms] ?? null)) {
                continue;
            }
            try {
                $written[$ohms] = ResistorMarking::parse($written[$ohms]);
            } catch (InvalidArgumentException $mistake) {
                throw ValidationException::withMessages(["entry.{$ohms}" => $mistake->getMessage()]);
            }
        }

        return $written;
    }
}
