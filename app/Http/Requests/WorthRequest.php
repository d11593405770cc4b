<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Illuminate\Foundation\Http\FormRequest;

/** What the owner says the machine is worth to them, if it was asked. */
final class WorthRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['worth' => ['nullable', 'string', new MoneyTyped]];
    }

    public function worth(): ?int
    {
        return $this->filled('worth') ? shop()->money()->parse($this->string('worth')->toString())->minor : null;
    }

    /** A form sent by its address must not come back to that address. */
    protected function getRedirectUrl(): string
    {
        /** @var Job $job */
        $job = $this->route('job');

        return route('jobs.decide', $job);
    }
}
