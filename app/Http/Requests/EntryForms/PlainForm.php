<?php

declare(strict_types=1);

namespace App\Http\Requests\EntryForms;

/** An entry whose form is what it says. */
final class PlainForm extends EntryForm
{
}
