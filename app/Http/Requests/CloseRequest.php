<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\DecideJob;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Closing;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\Plain\Money;
use Orthoscope\Core\Returns\Untried;

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
        return [function (Validator $validator) use ($assessJob, $decide, $catalogue): void {
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
            } elseif (! Plan::of($assessment, $catalogue, $job->proving())->isComplete()) {
                match (true) {
                    ! $user->can('lead') => $validator->errors()->add('signed_off', 'Not all is proved yet. Do what is owed, or ask the lead to sign it off.'),
                    trim($this->string('signed_off')->toString()) === '' => $validator->errors()->add('signed_off', 'Write why it goes back before all is proved; the owner will read it.'),
                    default => null,
                };
            }
            if ($validator->errors()->isEmpty() && $this->input('outcome') === 'no-fault-found' && ! $this->filled('signed_off')) {
                $untried = array_filter($assessJob->untried($job), fn (Untried $one): bool => $one->isWorthTrying());
                $untried === [] || $validator->errors()->add('outcome', 'Before "no fault found" is said, these were not tried: '.implode('; ', array_map(fn (Untried $one): string => sprintf('%s (%swould show it with %d %%)', $one->name, $one->told ? 'when its owner says it fails; ' : '', max(1, (int) round(100 * $one->chance))), array_slice($untried, 0, 4))).'. Try them, or let the lead say why not.');
            }
            if ($assessment->locks->keepItOff() && $this->input('outcome', 'repaired') === 'repaired') {
                $validator->errors()->add('outcome', 'It is locked, so it is not repaired. End the locks on its page, or let it go back unrepaired, with its warning.');
            }
            $leave = $decide->leave($job);
            if ($validator->errors()->isEmpty() && $leave->most() !== null && ! $leave->covers($this->price()) && ! $this->filled('agreed_how')) {
                $validator->errors()->add('agreed_how', $leave->against($this->price(), (string) config('shop.currency')).' Or write how the owner agreed to it, and when.');
            }
        }];
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
        return [...($this->filled('agreed_how') ? [['kind' => 'agreement', 'answer' => 'told', 'amount' => $this->price(), 'text' => trim($this->string('agreed_how')->toString())]] : []), $this->closing()];
    }

    private function price(): int
    {
        return Money::parse($this->string('price')->toString())->minor;
    }
}
