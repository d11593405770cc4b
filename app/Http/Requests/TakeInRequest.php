<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\Owner;
use App\UseCases\Shop\KnownOwners;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Intake\Age;
use Orthoscope\Core\Intake\HardwareList;
use Orthoscope\Core\Intake\UnreadableList;

/** What the counter writes down when a machine comes in. */
final class TakeInRequest extends FormRequest
{
    /** What often comes with a machine. */
    public const ACCESSORIES = [
        'power lead',
        'screen lead',
        'screen',
        'keyboard',
        'mouse',
        'printer',
        'bag or box',
        'discs or sticks',
        'recovery key',
    ];

    /** How far the owner wants it proved. */
    public const PROVING = ['usual' => 'as usual', 'quick' => 'quickly, with what that leaves open', 'long' => 'long, for hours at work'];

    /** What the owner says of the data on it. */
    public const DATA = [
        'none' => 'No data that matter',
        'copy' => 'Data that matter, and a copy exists',
        'no-copy' => 'Data that matter, and NO copy exists',
    ];

    public const PHONE = '/^[+()0-9 \/.-]{5,}$/';

    private ?HardwareList $hardware = null;

    /** @var ?list<Owner> */
    private ?array $alike = null;

    /** @return array<string, list<mixed>> */
    public function rules(Catalogue $catalogue): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'phone' => ['required_without:email', 'nullable', 'string', 'max:40', 'regex:'.self::PHONE],
            'email' => ['required_without:phone', 'nullable', 'email', 'max:160'],
            'model' => ['required', 'string', 'max:120'],
            'picture_from' => ['required', Rule::in(['card', 'own', 'both'])],
            'slots' => ['required', Rule::in(['1', '2', '4'])],
            'sticks' => ['required', 'integer', 'min:1', 'max:4'],
            'drives' => ['required', 'integer', 'min:0', 'max:4'],
            'memory_type' => ['nullable', 'string', 'max:12'],
            'socket' => ['nullable', 'string', 'max:20'],
            'serial' => ['nullable', 'string', 'max:40'],
            'parts' => ['nullable', 'array'],
            'parts.*' => ['nullable', 'string', 'max:60'],
            'data' => ['nullable', Rule::in(array_keys(self::DATA))],
            'facts' => ['nullable', 'array'],
            'facts.*' => [Rule::in(['status_lamps', 'speaker', 'code_display'])],
            'complaint' => ['required', 'string', 'max:2000'],
            'reached' => ['nullable', Rule::in(array_keys($catalogue->reaches))],
            'beeps' => ['nullable', Rule::in(array_keys($catalogue->sign('beeps')->values))],
            'fans' => ['nullable', Rule::in(array_keys($catalogue->sign('fans')->values))],
            'events' => ['nullable', 'array'],
            'events.*' => [Rule::in(array_keys($catalogue->events))],
            'marks' => ['nullable', 'array'],
            'marks.*' => [Rule::in(array_keys($catalogue->marks))],
            ...MannerTold::rules(),
            ...EarlierWork::rules($catalogue),
            'opinion' => ['nullable', 'string', 'max:500'],
            'limit' => ['nullable', 'regex:/^\d{1,6}([.,]\d{1,2})?$/'],
            'approves' => ['nullable', 'string', 'max:120'],
            'with' => ['nullable', 'string', 'max:300'],
            'accessories' => ['nullable', 'array'],
            'accessories.*' => [Rule::in([StayedHome::NOTHING, ...self::ACCESSORIES])],
            'alone' => ['nullable', Rule::in(Machine::ALONE)],
            'uses' => ['nullable', 'array'],
            'uses.*' => [Rule::in(array_keys($catalogue->proving->uses))],
            'proving' => ['nullable', Rule::in(array_keys(self::PROVING))],
            'age' => ['nullable', 'integer', 'min:0', 'max:'.Age::MOST],
            'lshw' => ['nullable', 'file', 'max:4000'],
            'others' => ['nullable', 'string', 'max:4000'],
            'known' => ['nullable', Rule::in(['new', ...array_map(fn (Owner $owner): string => (string) $owner->id, $this->alike())])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Type the name of the owner.',
            'name.max' => 'Keep the name under 120 letters.',
            'phone.required_without' => 'Give a telephone number or a mail address, so that we can reach the owner.',
            'phone.regex' => 'A telephone number has digits, spaces and + ( ) / . - only, and at least five of them.',
            'phone.max' => 'That number is too long; give one number only.',
            'email.required_without' => 'Give a mail address or a telephone number, so that we can reach the owner.',
            'email.email' => 'This is not a mail address; it looks like name@example.org.',
            'email.max' => 'That mail address is too long; give one only.',
            'model.required' => 'Say what machine it is: its make and model, or "own build".',
            'model.max' => 'Keep the model under 120 letters.',
            'picture_from.required' => 'Say where its picture comes from.',
            'slots.required' => 'Say how many memory slots the board has; two if nobody knows.',
            'sticks.required' => 'Say how many memory sticks are in it; look, or leave it at two.',
            'sticks.min' => 'A machine has at least one memory stick.',
            'sticks.max' => 'Four sticks at most can be written down here.',
            'drives.required' => 'Say how many drives it has; 0 if none.',
            'drives.max' => 'Four drives at most can be written down here.',
            'memory_type.max' => 'Keep the memory type short, such as DDR4.',
            'socket.max' => 'Keep the socket short, such as AM4.',
            'serial.max' => 'Keep the serial number under 40 letters.',
            'parts.*' => 'Keep a model under 60 letters, as its label says it.',
            'complaint.required' => 'Write what the owner says, in their own words.',
            'limit.regex' => 'Give an amount such as 120 or 89.50, or leave it open to be asked first.',
            'approves.max' => 'Keep the name under 120 letters.',
            'with.max' => 'Keep the list under 300 letters.',
            'age.*' => 'Give the age in whole years, from 0 to '.Age::MOST.', or leave it open.',
            ...EarlierWork::messages(),
            'opinion.max' => 'Keep it under 500 letters.',
            'lshw.file' => 'The file did not arrive whole; choose it again.',
            'lshw.uploaded' => 'The file did not arrive whole; choose it again.',
            'lshw.max' => 'This file is too long for a hardware list; make it with "lshw -json" on that machine.',
            'others.max' => 'That is too long for one go; take the rest in afterwards.',
            'alone.*' => 'Say whether a whole machine comes in, or which part alone.',
            'known.in' => 'Choose one of those shown, or "someone else".',
            'complaint.max' => 'Keep the complaint under 2000 letters; put the rest in a note on the job.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(Catalogue $catalogue): array
    {
        return [
            MannerTold::check($catalogue),
            function (Validator $validator): void {
                if (OneMore::isTooMany($this->typed('others'))) {
                    $validator->errors()->add('others', 'Take in '.OneMore::MOST.' more in one go at most; the rest afterwards.');
                }
            },
            function (Validator $validator): void {
                if ($validator->errors()->isEmpty() && $this->integer('sticks') > $this->integer('slots')) {
                    $validator->errors()->add('sticks', 'There are more sticks than slots; count again, or choose more slots.');
                }
            },
            function (Validator $validator): void {
                try {
                    $this->hardware();
                } catch (UnreadableList $mistake) {
                    $validator->errors()->add('lshw', $mistake->getMessage());
                }
            },
            function (Validator $validator): void {
                // Offered, never merged silently.
                if ($validator->errors()->isEmpty() && ! $this->filled('known') && $this->alike() !== []) {
                    session()->flash('known', array_map(KnownOwners::line(...), $this->alike()));
                    $validator
                        ->errors()
                        ->add('known', 'Choose whether it is the same person, and take the machine in again. Nothing is joined by itself.');
                }
            },
        ];
    }

    /** The owner who was here before, if it was said to be the same. */
    public function known(): ?Owner
    {
        return $this->filled('known') && $this->input('known') !== 'new' ? Owner::query()->find((int) $this->input('known')) : null;
    }

    /**
     * What was agreed, and what came with the machine.
     *
     * @return array<string, mixed>
     */
    public function agreed(): array
    {
        $limit = $this->string('limit')->toString();

        return array_filter(
            [
                'limit' => $limit === '' ? null : (int) round(100 * (float) str_replace(',', '.', $limit)),
                'approves' => $this->string('approves')->trim()->toString(),
                'with' => implode(
                    ', ',
                    array_filter([...$this->accessories(), $this->string('with')->trim()->toString()]),
                ),
                'proving' => $this->string('proving')->toString(),
                'data' => $this->string('data')->toString(),
            ],
            fn (mixed $value): bool => $value !== null && $value !== '',
        );
    }

    /** @return list<string> */
    private function accessories(): array
    {
        return array_values(array_intersect(self::ACCESSORIES, (array) $this->input('accessories', [])));
    }

    /** @return list<OneMore> further machines of the same owner and kind, one a line */
    public function others(): array
    {
        return OneMore::ofLines($this->string('others')->toString(), $this->madeOf(), $this->reports());
    }

    /** @return list<Owner> */
    private function alike(): array
    {
        /** @var ?Job $call */
        $call = $this->route('job');

        return $this->alike ??= KnownOwners::like($this->owner(), $call?->machine->owner, $this->serial());
    }

    /** What was typed in a field; nothing where something else was sent, which the rules then tell. */
    private function typed(string $field): string
    {
        $typed = $this->input($field);

        return is_string($typed) ? trim($typed) : '';
    }

    private function serial(): string
    {
        try {
            return $this->hardware()->serial ?? $this->typed('serial');
        } catch (UnreadableList) {
            return '';
        }
    }

    private function hardware(): ?HardwareList
    {
        $file = $this->file('lshw');

        return $this->hardware ??=
            $file instanceof UploadedFile && $file->isValid() ? HardwareList::read((string) $file->getContent()) : null;
    }

    /** @return array{name: string, phone: string, email: string} */
    public function owner(): array
    {
        return ['name' => $this->typed('name'), 'phone' => $this->typed('phone'), 'email' => $this->typed('email')];
    }

    /** @return array<string, mixed> */
    public function madeOf(): array
    {
        return MachineFacts::of($this, $this->hardware());
    }

    /**
     * What was told and seen; apart from it what was done earlier, and what others said it is: kept, and no evidence.
     *
     * @return non-empty-list<array<string, mixed>> entries, as in a case file
     */
    public function reports(): array
    {
        $told = array_filter([
            'text' => trim($this->string('complaint')->toString()),
            'reached' => $this->input('reached'),
            ...MannerTold::of($this->validated()),
            'signs' => array_filter(['beeps' => $this->input('beeps'), 'fans' => $this->input('fans')]),
            'events' => array_values((array) $this->input('events', [])),
            'marks' => array_values((array) $this->input('marks', [])),
        ]);
        $age = $this->filled('age') ? Age::history($this->integer('age')) : null;
        $opinion = $this->string('opinion')->trim()->toString();

        return [
            ['kind' => 'report', ...$told],
            ...EarlierWork::reports($this->array('earlier')),
            ...$age === null ? [] : [['kind' => 'report', 'source' => 'remembered', 'history' => [$age]]],
            ...$opinion === '' ? [] : [['kind' => 'report', 'source' => 'opinion', 'text' => $opinion]],
        ];
    }
}
