<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use InvalidArgumentException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Electrical\Quantity;
use Orthoscope\Core\Electrical\Sizing\EfficiencyClass;
use Orthoscope\Core\Electrical\Sizing\SupplySizing;
use Orthoscope\Core\Electrical\Sizing\SupplyUnit;

/** The label of a supply and the parts it feeds, as typed; nothing yet on the first look at the page. */
final class SupplySizingRequest extends FormRequest
{
    private ?SupplySizing $sizing = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'watts' => ['nullable', 'string', 'max:20', 'required_with:amps,processor'],
            'amps' => ['nullable', 'string', 'max:20', 'required_with:watts,processor'],
            'processor' => ['nullable', 'string', 'max:20', 'required_with:watts,amps'],
            'card' => ['nullable', 'string', 'max:20'],
            'card6' => ['nullable', 'integer', 'min:0', 'max:4'],
            'card8' => ['nullable', 'integer', 'min:0', 'max:4'],
            'has6' => ['nullable', 'integer', 'min:0', 'max:12'],
            'has8' => ['nullable', 'integer', 'min:0', 'max:12'],
            'fans' => ['nullable', 'integer', 'min:0', 'max:20'],
            'class' => ['nullable', Rule::enum(EfficiencyClass::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'watts.required_with' => 'Read the watts off the label of the supply.',
            'amps.required_with' => 'Read the amperes on 12 V off the label; add rails up as it says.',
            'processor.required_with' => 'Give the watts of the processor, as its maker states them.',
            'card6.*' => 'Count the 6-pin plugs of the card, 0 to 4.',
            'card8.*' => 'Count the 8-pin plugs of the card, 0 to 4.',
            'has6.*' => 'Count the 6-pin plugs of the supply, 0 to 12.',
            'has8.*' => 'Count the 8-pin plugs of the supply, 0 to 12.',
            'fans.*' => 'Count the fans, 0 to 20.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isEmpty() && $this->filled('watts')) {
                    $this->sizing = $this->sum($validator);
                }
            },
        ];
    }

    /** Watts at the wall when all parts work, where the efficiency class of the label is known. */
    public function atTheWall(): ?float
    {
        $class = $this->enum('class', EfficiencyClass::class);

        return $class === null || $this->sizing === null
            ? null
            : $class->atTheWall($this->sizing->watts, Quantity::parse($this->string('watts')->toString(), 'W'));
    }

    public function sizing(): ?SupplySizing
    {
        return $this->sizing;
    }

    /** A form sent by its address must not come back to that address. */
    protected function getRedirectUrl(): string
    {
        return route('jobs.supply', $this->route('job'));
    }

    private function sum(Validator $validator): ?SupplySizing
    {
        $read = function (string $field, string $unit) use ($validator): float {
            try {
                return Quantity::parse($this->string($field)->toString(), $unit);
            } catch (InvalidArgumentException $mistake) {
                $validator->errors()->add($field, $mistake->getMessage());

                return 0.0;
            }
        };
        [$watts, $amps, $processor] = [$read('watts', 'W'), $read('amps', 'A'), $read('processor', 'W')];
        $card = $this->filled('card') ? $read('card', 'W') : null;
        if ($validator->errors()->isNotEmpty()) {
            return null;
        }
        /** @var \App\Models\Job $job */
        $job = $this->route('job');
        $made = $job->machine->made_of;
        $draws = app(Catalogue::class)->draws();
        try {
            $loads = [
                $draws->processor($processor),
                $draws->rest(
                    count($made['memory']['sticks'] ?? []),
                    (int) ($made['drives'] ?? 0),
                    $this->filled('fans') ? $this->integer('fans') : null,
                ),
            ];
            if ($made['card'] ?? false) {
                $loads[] = $draws->card($card, ['6-pin' => $this->integer('card6'), '8-pin' => $this->integer('card8')]);
            }

            return SupplySizing::of(
                SupplyUnit::of($watts, $amps, ['6-pin' => $this->integer('has6'), '8-pin' => $this->integer('has8')]),
                $loads,
            );
        } catch (InvalidArgumentException $mistake) {
            $validator->errors()->add('watts', $mistake->getMessage());

            return null;
        }
    }
}
