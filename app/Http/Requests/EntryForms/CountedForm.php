<?php

declare(strict_types=1);

namespace App\Http\Requests\EntryForms;

/** What came off or is back, and what is struck out: a number beside words. */
final class CountedForm extends EntryForm
{
    protected const WHOLE = ['entry', 'count'];
}
