<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\User;
use App\UseCases\AssessJob;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** Closing a job. What is not proved can only be signed off by a lead, with a reason the owner will read. */
final class CloseRequest extends FormRequest
{
    use SentOnce;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'price' => ['required', 'regex:/^\d{1,6}([.,]\d{1,2})?$/'],
            'warranty_months' => ['required', 'integer', 'min:0', 'max:60'],
            'signed_off' => ['nullable', 'string', 'max:500'],
            'once' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'price.required' => 'Type the price; 0 if there is nothing to pay.',
            'price.regex' => 'Type the price as a number such as 48 or 48,50.',
            'warranty_months.required' => 'Type the months of warranty; 0 for none.',
            'warranty_months.integer' => 'Type whole months.',
            'warranty_months.min' => 'The warranty cannot be below 0 months.',
            'warranty_months.max' => 'The warranty can be 60 months at most.',
            'signed_off.max' => 'Keep the reason under 500 letters.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(AssessJob $assessJob): array
    {
        return [function (Validator $validator) use ($assessJob): void {
            /** @var Job $job */
            $job = $this->route('job');
            /** @var User $user */
            $user = $this->user();
            $assessment = $assessJob->assess($job);
            foreach ($job->loans()->with('spare')->get() as $loan) {
                $validator->errors()->add('loans', "{$loan->spare->tag} is still here. Bring it back, with a look and a result, before the job is closed.");
            }
            if ($assessment->record->closing() !== null) {
                $validator->errors()->add('price', 'This job is closed already. Strike the closing out on its page to open it again.');
            } elseif (! $assessment->proof->isComplete()) {
                match (true) {
                    ! $user->can('lead') => $validator->errors()->add('signed_off', 'Not all is proved yet. Do what is owed, or ask the lead to sign it off.'),
                    trim($this->string('signed_off')->toString()) === '' => $validator->errors()->add('signed_off', 'Write why it goes back before all is proved; the owner will read it.'),
                    default => null,
                };
            }
        }];
    }

    /** @return array<string, mixed> */
    public function closing(): array
    {
        return [
            'kind' => 'closing',
            'price' => (int) round(100 * (float) str_replace(',', '.', $this->string('price')->toString())),
            'warranty_months' => $this->integer('warranty_months'),
            'signed_off' => trim($this->string('signed_off')->toString()),
        ];
    }
}
