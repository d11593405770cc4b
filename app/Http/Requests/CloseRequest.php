<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\Loan;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\DecideJob;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Closing;
use Orthoscope\Core\HandBack\ClosingAsked;
use Orthoscope\Core\HandBack\MayClose;
use Orthoscope\Core\HandBack\Plan;

/** Closing a job. What is not proved can only be signed off by a lead, with a reason the owner will read. */
final class CloseRequest extends FormRequest
{
    use SentOnce;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'price' => ['required', 'string', new MoneyTyped],
            'agreed_how' => ['nullable', 'string', 'max:300'],
            'outcome' => ['nullable', Rule::in(array_keys(Closing::OUTCOMES))],
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
            'agreed_how.max' => 'Keep it under 300 letters.',
            'warranty_months.required' => 'Type the months of warranty; 0 for none.',
            'warranty_months.integer' => 'Type whole months.',
            'warranty_months.min' => 'The warranty cannot be below 0 months.',
            'warranty_months.max' => 'The warranty can be 60 months at most.',
            'signed_off.max' => 'Keep the reason under 500 letters.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(AssessJob $assessJob, DecideJob $decide, Catalogue $catalogue): array
    {
        return [
            function (Validator $validator) use ($assessJob, $decide, $catalogue): void {
                /** @var Job $job */
                $job = $this->route('job');
                /** @var User $user */
                $user = $this->user();
                $assessment = $assessJob->assess($job);
                $plan = Plan::of($assessment, $catalogue, $job->proving());
                $untried = fn (): array => $assessJob->untried($job);
                $asked = $this->asked($job, $user, $validator);
                $currency = shop()->money();
                $refusals = $asked === null
                ? []
                : MayClose::refusals($assessment, $plan, $asked, $decide->leave($job), $currency, $untried, $catalogue);
                foreach ($refusals as $refusal) {
                    $validator->errors()->add($refusal->field, $refusal->sentence);
                }
            },
        ];
    }

    /** Null where what was typed cannot be read: then that is told first. */
    private function asked(Job $job, User $user, Validator $validator): ?ClosingAsked
    {
        $outcome = $this->string('outcome', 'repaired')->toString() ?: 'repaired';
        if ($validator->errors()->isNotEmpty()) {
            return null;
        }

        return new ClosingAsked(
            outcome: $outcome,
            signedOff: trim($this->string('signed_off')->toString()),
            price: $this->price(),
            agreed: $this->filled('agreed_how'),
            byLead: $user->can('lead'),
            warrantyMonths: $this->integer('warranty_months'),
            lent: array_values($job->loans()->with('spare')->get()->map(fn (Loan $loan): string => $loan->spare->tag)->all()),
        );
    }

    /** @return array<string, mixed> */
    private function closing(): array
    {
        return [
            'kind' => 'closing',
            'price' => $this->price(),
            'warranty_months' => $this->integer('warranty_months'),
            'signed_off' => trim($this->string('signed_off')->toString()),
            'outcome' => $this->string('outcome', 'repaired')->toString() ?: 'repaired',
        ];
    }

    /** @return list<array<string, mixed>> what the owner agreed to beside, and the closing */
    public function entries(): array
    {
        return [
            ...$this->filled('agreed_how')
                ? [
                    [
                        'kind' => 'agreement',
                        'answer' => 'told',
                        'amount' => $this->price(),
                        'text' => trim($this->string('agreed_how')->toString()),
                    ],
                ]
                : [],
            $this->closing(),
        ];
    }

    private function price(): int
    {
        return shop()->money()->parse($this->string('price')->toString())->minor;
    }
}
