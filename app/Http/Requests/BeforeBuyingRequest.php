<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\PartKind;
use Orthoscope\Core\Catalogue\Shelf\FitRule;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Shelf\BeforeBuying;

/** A machine and a part somebody thinks of buying for it, as far as they were said; the machine may be one that was here. */
final class BeforeBuyingRequest extends FormRequest
{
    private const LONGEST = 60;

    /** The job whose machine was named. */
    private ?Job $job = null;

    /** @return array<string, list<mixed>> */
    public function rules(Catalogue $catalogue): array
    {
        return [
            'kind' => ['nullable', Rule::in(array_keys($this->kinds($catalogue)))],
            'tag' => ['nullable', 'string', 'max:20'],
            'of_machine' => ['nullable', 'array'],
            'of_machine.*' => ['nullable', 'string', 'max:'.self::LONGEST],
            'of_part' => ['nullable', 'array'],
            'of_part.*' => ['nullable', 'string', 'max:'.self::LONGEST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'tag.max' => 'A tag is short, such as K4-327.',
            'kind.in' => 'Choose one of the kinds of part shown.',
            'of_machine.*.max' => 'Keep it under '.self::LONGEST.' letters.',
            'of_part.*.max' => 'Keep it under '.self::LONGEST.' letters.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $tag = $this->string('tag')->trim()->upper()->toString();
                if ($tag === '' || $validator->errors()->isNotEmpty()) {
                    return;
                }
                $this->job = Job::query()->with('machine')->where('tag', $tag)->first();
                if ($this->job === null) {
                    $validator->errors()->add('tag', "No machine with the tag {$tag} was here; look at the receipt, or leave it open.");
                }
            },
        ];
    }

    /** @return array<string, string> kinds of part that have rules, by id */
    public function kinds(Catalogue $catalogue): array
    {
        $ruled = array_column($catalogue->shelf->fit, 'kind');

        return array_map(
            static fn (PartKind $kind): string => $kind->name,
            array_filter($catalogue->parts, static fn (PartKind $kind): bool => in_array($kind->id, $ruled, true)),
        );
    }

    public function kind(): string
    {
        return $this->string('kind')->toString() ?: 'stick';
    }

    /** @return array<string, string> facts of the machine: of the job that was named, and over them what was typed */
    public function machineFacts(): array
    {
        $known = array_map(strval(...), (array) ($this->job->machine->made_of['platform'] ?? []));

        return array_filter($this->typed('of_machine')) + $known;
    }

    /** @return array<string, string> */
    public function partFacts(): array
    {
        return array_filter($this->typed('of_part'));
    }

    /** @return list<FitRule> */
    public function fitRules(Catalogue $catalogue): array
    {
        $rules = $catalogue->shelf->rulesOf($this->kind());

        return array_values(array_filter($rules, static fn (FitRule $rule): bool => $rule->rule !== 'needs'));
    }

    /** What it comes to; null while nothing was said of either. */
    public function answer(Catalogue $catalogue): ?BeforeBuying
    {
        $machine = $this->machineFacts();
        if ($machine === [] && $this->partFacts() === []) {
            return null;
        }
        $made = Machine::fromArray(['model' => 'x', 'platform' => $machine, 'facts' => ['own_graphics' => true]], $catalogue);

        return BeforeBuying::of($this->kind(), $this->partFacts(), $made, $catalogue);
    }

    /** A form sent by its address must not come back to that address. */
    protected function getRedirectUrl(): string
    {
        return route('before-buying');
    }

    /** @return array<string, string> */
    private function typed(string $side): array
    {
        return array_map(
            static fn (mixed $value): string => is_string($value) ? trim($value) : '',
            array_filter($this->array($side), is_string(...), ARRAY_FILTER_USE_KEY),
        );
    }
}
