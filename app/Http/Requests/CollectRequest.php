<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\Payment;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Shop\StorageDue;
use App\UseCases\Shop\TagMaker;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Evidence\Collection;
use Orthoscope\Core\Plain\Money;

/** Who fetches a machine shows its number; all that came with it goes with it; what is paid is written down. */
final class CollectRequest extends FormRequest
{
    use SentOnce;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'reference' => ['required', 'string', 'max:200'],
            'method' => ['required', Rule::in(array_keys(Collection::METHODS))],
            'amount' => ['nullable', 'string', new MoneyTyped],
            'with' => ['nullable', 'array'],
            'with.*' => ['string', 'max:160'],
            'left' => ['nullable', 'string', 'max:300'],
            'to' => ['nullable', 'string', 'max:400'],
            'storage' => ['nullable', Rule::in(['1'])],
            'once' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'reference.required' => 'Scan or type the number on the receipt that is shown.',
            'method.*' => 'Say how it is paid.',
            'to.max' => 'Keep name and address under 400 letters.',
            'left.max' => 'Keep it under 300 letters.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(AssessJob $assessJob): array
    {
        return [
            function (Validator $validator) use ($assessJob): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                /** @var Job $job */
                $job = $this->route('job');
                $record = $assessJob->record($job);
                $missing = array_diff(self::accessories($job), $this->array('with'));
                $errors = $validator->errors();
                match (true) {
                    $record->closing() === null => $errors->add('reference', "{$job->tag} is not ready yet: it is not closed."),
                    $record->collection() !== null => $errors->add('reference', "{$job->tag} was collected already."),
                    TagMaker::in($this->string('reference')->toString()) !== $job->tag => $errors->add(
                        'reference',
                        'That is not the number of this machine. Look at the receipt again; without it, ask for a document with the '
                            .'owner\'s name and ring the owner.',
                    ),
                    $missing !== [] && ! $this->filled('left') => $errors->add(
                        'left',
                        'Not ticked: '.implode(', ', $missing).'. Give it back, or say why it stays.',
                    ),
                    $this->input('method') === 'none' && $this->toPay() > 0 => $errors->add(
                        'method',
                        'There is '
                            .shop()->money()->words($this->toPay())
                            .' to pay; say how it is paid, or that it is still open.',
                    ),
                    $this->paid()->minor > 0 && in_array($this->input('method'), ['none', 'open'], true) => $errors->add(
                        'amount',
                        'An amount was typed and nothing was paid; choose how it was paid.',
                    ),
                    $this->isPaid() && $this->paid()->minor === 0 => $errors->add('amount', 'Type what was paid.'),
                    default => null,
                };
            },
        ];
    }

    /** @return list<string> what came with the machine */
    public static function accessories(Job $job): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', (string) ($job->agreed['with'] ?? '')))));
    }

    /** @return array<string, mixed> */
    public function collection(): array
    {
        return [
            'kind' => 'collection',
            'method' => $this->input('method'),
            'amount' => $this->paid()->minor,
            'with' => array_values($this->array('with')),
            'text' => $this->string('left')->trim()->toString(),
        ];
    }

    /** What was typed; where it is paid and nothing was typed, what is still to pay. */
    private function paid(): Money
    {
        return match (true) {
            $this->filled('amount') => shop()->money()->parse($this->string('amount')->toString()),
            $this->isPaid() => Money::of(max(0, $this->toPay())),
            default => Money::of(0),
        };
    }

    /** Days of storage that are charged. */
    public function storageDays(): int
    {
        return $this->boolean('storage') ? StorageDue::days($this->job()) : 0;
    }

    /** Name and address as the invoice says them. */
    public function to(): string
    {
        $typed = $this->string('to')->trim()->toString();

        return $typed === '' ? $this->job()->machine->owner->name : $typed;
    }

    /** With tax, less what was paid before; minor units. */
    private function toPay(): int
    {
        $price = app(AssessJob::class)->record($this->job())->closing()->price ?? 0;

        return $price + StorageDue::gross($this->storageDays()) - Payment::sumFor($this->job());
    }

    private function job(): Job
    {
        /** @var Job $job */
        $job = $this->route('job');

        return $job;
    }

    private function isPaid(): bool
    {
        return in_array($this->input('method'), ['cash', 'card', 'transfer'], true);
    }
}
