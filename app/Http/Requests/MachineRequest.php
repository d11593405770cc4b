<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use InvalidArgumentException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;

/** What a machine is made of, corrected once somebody has looked. */
final class MachineRequest extends FormRequest
{
    private const LONGEST = 80;

    /** @return array<string, list<mixed>> */
    public function rules(Catalogue $catalogue): array
    {
        $platform = [];
        foreach (array_merge(...array_values($catalogue->shelf->ofMachine)) as $fact) {
            $platform["platform.{$fact}"] = ['nullable', 'string', 'max:'.self::LONGEST];
        }

        return [
            'model' => ['required', 'string', 'max:120'],
            'serial' => ['nullable', 'string', 'max:40'],
            'picture_from' => ['required', Rule::in(['card', 'own', 'both'])],
            'slots' => ['required', Rule::in(array_map(strval(...), array_keys(MachineFacts::SLOTS)))],
            'filled' => ['required', 'array'],
            'filled.*' => [Rule::in(MachineFacts::SLOTS[4])],
            'drives' => ['required', 'integer', 'min:0', 'max:4'],
            'facts' => ['nullable', 'array'],
            'facts.*' => [Rule::in(array_diff(Machine::FACTS, ['own_graphics']))],
            'at_home' => ['nullable', 'array'],
            'at_home.*' => [Rule::in(array_keys(Machine::MAY_STAY))],
            'uses' => ['nullable', 'array'],
            'uses.*' => [Rule::in(array_keys($catalogue->proving->uses))],
            'platform' => ['nullable', 'array'],
            ...$platform,
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'model.*' => 'Say what machine it is, in up to 120 letters: its make and model, or "own build".',
            'serial.max' => 'Keep the serial number under 40 letters.',
            'picture_from.*' => 'Say where its picture comes from.',
            'slots.*' => 'Say how many memory slots the board has.',
            'filled.required' => 'Tick the slots that hold a stick; a machine has at least one.',
            'filled.*.in' => 'Tick slots that this board has.',
            'drives.*' => 'Say how many drives it has, from 0 to 4.',
            'facts.*' => 'Tick what the board has, of those shown.',
            'at_home.*' => 'Tick what stayed at home, of those shown.',
            'uses.*' => 'Tick what the owner uses, of those shown.',
            'platform.*.max' => 'Keep it under '.self::LONGEST.' letters; put the rest in a note on the job.',
            'platform.*.string' => 'Type it in words or numbers.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(Catalogue $catalogue): array
    {
        return [
            function (Validator $validator): void {
                $slots = MachineFacts::SLOTS[$this->integer('slots')] ?? [];
                if ($validator->errors()->isEmpty() && array_diff($this->sticksIn(), $slots) !== []) {
                    $validator->errors()->add('filled', 'A board with so many slots has '.implode(', ', $slots).'; tick those.');
                }
            },
            function (Validator $validator) use ($catalogue): void {
                foreach ($validator->errors()->isEmpty() ? $catalogue->shelf->units : [] as $fact => $unit) {
                    try {
                        MachineFacts::number($this->string("platform.{$fact}")->toString(), $unit);
                    } catch (InvalidArgumentException $mistake) {
                        $validator->errors()->add("platform.{$fact}", $mistake->getMessage());
                    }
                }
            },
        ];
    }

    /** @return array<string, mixed> the "machine" of a case file, with what nobody asked here left as it was */
    public function madeOf(Catalogue $catalogue): array
    {
        /** @var Job $job */
        $job = $this->route('job');

        return MachineFacts::corrected($job->machine->made_of, $this, $catalogue);
    }

    /** @return list<string> the slots that were ticked */
    public function sticksIn(): array
    {
        return array_values(array_filter((array) $this->input('filled', []), is_string(...)));
    }
}
