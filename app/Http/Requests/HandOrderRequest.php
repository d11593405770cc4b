<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\PartsSupplier;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Parts\HandOrder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Catalogue\Catalogue;

/** What was ordered by hand, for a job or for the shelf. */
final class HandOrderRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(Catalogue $catalogue): array
    {
        $kinds = array_keys(array_filter($catalogue->parts, fn ($kind): bool => $kind->lendable));

        return [
            'supplier' => ['required', Rule::exists('suppliers', 'id')->whereNull('ended_at')],
            'for' => ['required_without:kind', 'nullable', 'string', 'max:30'],
            'kind' => ['required_without:for', 'nullable', Rule::in($kinds)],
            'what' => ['required', 'string', 'max:160'],
            'condition' => ['required', Rule::in(['new', 'used'])],
            'price' => ['required', 'string', new MoneyTyped],
            'number' => ['nullable', 'string', 'max:40'],
            'due' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:today'],
            'again' => ['nullable', Rule::in(['1'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'supplier.*' => 'Say of whom it is bought.',
            'for.*' => 'Say for which part it is.',
            'kind.*' => 'Say what kind of part it is.',
            'what.required' => 'Say what is ordered, as it is called there.',
            'what.max' => 'Keep it under 160 letters.',
            'condition.*' => 'Say whether it is new or used.',
            'price.required' => 'Type what it costs, delivered and before tax.',
            'number.max' => 'Keep the number under 40 letters.',
            'due.*' => 'Say on which day it should be here, today or later; empty counts the supplier\'s usual days.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(AssessJob $assessJob): array
    {
        return [
            function (Validator $validator) use ($assessJob): void {
                $job = $this->job();
                if ($job !== null && ! $assessJob->machine($job)->has($this->string('for')->toString())) {
                    $validator->errors()->add('for', 'This machine has no such part; pick one it has.');
                }
            },
        ];
    }

    public function order(AssessJob $assessJob): HandOrder
    {
        $supplier = PartsSupplier::query()->findOrFail($this->integer('supplier'));
        $job = $this->job();
        $part = $job === null ? '' : $this->string('for')->toString();

        return new HandOrder(
            supplier: $supplier,
            kind: $job === null ? $this->string('kind')->toString() : $assessJob->machine($job)->part($part)->kind->id,
            part: $part,
            name: $this->string('what')->trim()->toString(),
            condition: $this->string('condition')->toString(),
            price: shop()->money()->parse($this->string('price')->toString())->minor,
            number: $this->string('number')->trim()->toString(),
            due: $this->filled('due')
                ? Carbon::parse($this->string('due')->toString())->setTime(shop()->openTo - 1, 0)
                : now()->addDays($supplier->days_to),
        );
    }

    private function job(): ?Job
    {
        $job = $this->route('job');

        return $job instanceof Job ? $job : null;
    }
}
