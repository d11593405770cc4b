<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shop;
use App\UseCases\Shop\ShopCatalogue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Step;
use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Plain\UnknownWord;

/** What a shop says of itself. */
class ShopSettingsRequest extends FormRequest
{
    /** Days on which it stays shut, at most. */
    private const MOST_CLOSED = 100;

    /** Pixels of a side of the picture for letters, at most. */
    private const MOST_PIXELS = 4000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['nullable', 'string', 'max:80'],
            'address' => ['nullable', 'string', 'max:160'],
            'phone' => ['nullable', 'string', 'max:40', 'regex:'.TakeInRequest::PHONE],
            'mail' => ['nullable', 'email', 'max:160'],
            'tax_number' => ['nullable', 'string', 'max:40'],
            'currency' => ['required', 'string', 'max:5'],
            'country' => ['nullable', Rule::in(array_keys((array) config('countries')))],
            'decimals' => ['sometimes', 'required', Rule::in(['0', '1', '2', '3'])],
            'point' => ['sometimes', 'required', Rule::in(['.', ','])],
            'tax_per_line' => ['sometimes', 'required', Rule::in(['0', '1'])],
            'time_zone' => ['sometimes', 'required', 'timezone:all'],
            'date_form' => ['sometimes', 'required', Rule::in(array_keys(Shop::DATE_FORMS))],
            'week_start' => ['sometimes', 'required', Rule::in(['1', '6', '7'])],
            'price_of_one' => ['sometimes', 'required', 'regex:/^\d{1,5}([.,]\d{1,3})?$/', 'not_regex:/^0+([.,]0+)?$/'],
            'logo' => ['nullable', 'file', 'max:2048'],
            'no_logo' => ['nullable', Rule::in(['1'])],
            'tax' => ['required', 'regex:/^\d{1,2}([.,]\d{1,2})?$/'],
            'open_days' => ['required', 'array'],
            'open_days.*' => [Rule::in(['1', '2', '3', '4', '5', '6', '7'])],
            'open_from' => ['required', 'integer', 'min:0', 'max:23'],
            'open_to' => ['required', 'integer', 'min:1', 'max:24', 'gt:open_from'],
            'closed_days' => ['nullable', 'string', 'max:2000'],
            'benches' => ['required', 'integer', 'min:1', 'max:20'],
            'hour_price' => ['sometimes', 'required', 'string', new MoneyTyped($this->currency())],
            'deposit_from' => ['sometimes', 'required', 'string', new MoneyTyped($this->currency())],
            'deposit_share' => ['sometimes', 'required', 'integer', 'min:0', 'max:100'],
            'quote_days' => ['sometimes', 'required', 'integer', 'min:1', 'max:90'],
            'comeback_risk' => ['sometimes', 'required', 'integer', 'min:1', 'max:50'],
            'hands_minutes' => ['sometimes', 'required', 'integer', 'min:1', 'max:240'],
            'school' => ['nullable', Rule::in([...array_keys(app(Catalogue::class)->schools), ShopCatalogue::OWN_SCHOOL])],
            'school_order' => ['nullable', 'string', 'max:4000'],
            'smtp_host' => ['nullable', 'string', 'max:120', 'regex:/^[A-Za-z0-9.\-]+$/'],
            'smtp_port' => ['nullable', 'integer', 'min:1', 'max:65535'],
            'smtp_user' => ['nullable', 'string', 'max:160'],
            'smtp_password' => ['nullable', 'string', 'max:200'],
            'public_address' => ['nullable', 'string', 'max:200', 'url:http,https'],
            'backup_folder' => ['nullable', 'string', 'max:300', 'regex:/^\//'],
            'backup_password' => ['nullable', 'string', 'min:8', 'max:200'],
            'sms_url' => ['nullable', 'string', 'max:300', 'url:http,https'],
            'sms_body' => ['nullable', 'required_with:sms_url', 'string', 'max:1000', 'regex:/\{to\}/', 'regex:/\{text\}/'],
            'sms_header' => ['nullable', 'string', 'max:400', 'regex:/^[A-Za-z0-9-]+:[^\r\n]+$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.max' => 'Keep the name under 80 letters.',
            'address.max' => 'Keep the address under 160 letters, on one line.',
            'phone.*' => 'A telephone number has digits, spaces and + ( ) / . - only, and at least five of them.',
            'mail.*' => 'This is not a mail address; it looks like name@example.org.',
            'tax_number.max' => 'Keep the tax number under 40 letters.',
            'currency.*' => 'Give the sign or the code of the currency, such as € or CHF.',
            'country.*' => 'Choose a country of the list, or none.',
            'decimals.*' => 'Say how many decimals prices have: 0, 1, 2 or 3.',
            'point.*' => 'Choose point or comma before the decimals.',
            'tax_per_line.*' => 'Say whether tax is rounded once on the sum, or on each line.',
            'time_zone.*' => 'Choose the time zone of the shop, such as Europe/Zurich.',
            'date_form.*' => 'Choose how papers write a day.',
            'week_start.*' => 'Say on which day a week begins.',
            'price_of_one.*' => 'Say what 1.00 of the shipped price lists is in your money, such as 1 or 0.95.',
            'logo.*' => 'The picture did not arrive whole, or is larger than 2 MB; choose it again.',
            'tax.*' => 'Give the tax in per cent, such as 20 or 8.1; 0 if there is none.',
            'open_days.*' => 'Tick the days on which the shop opens; one at least.',
            'open_from.*' => 'Give the full hour at which it opens, 0 to 23.',
            'open_to.*' => 'Give the full hour at which it closes: later than it opens, 24 at most.',
            'closed_days.max' => 'That are more closed days than a year has; leave out those that are over.',
            'hour_price.required' => 'Give what an hour of work costs, such as 48 or 52.50.',
            'deposit_from.required' => 'Give the total from which a part is asked beforehand; 0 asks it always.',
            'deposit_share.*' => 'Give the part that is asked beforehand in per cent, 0 to 100.',
            'quote_days.*' => 'Say how many days a quote holds, 1 to 90.',
            'comeback_risk.*' => 'Say how many of 100 machines may come back, 1 to 50: fewer ask for more clean starts.',
            'hands_minutes.*' => 'Say after how many minutes a bench asks again, 1 to 240.',
            'school.*' => 'Choose one of the orders shown.',
            'school_order.max' => 'That are more steps than there are; leave out those at the end.',
            'smtp_host.*' => 'Give the name of the mail server alone, such as mail.example.org.',
            'smtp_port.*' => 'Give the port of the mail server, such as 587.',
            'public_address.*' => 'Give the whole address under which owners reach you, such as https://repairs.example.org.',
            'backup_folder.*' => 'Give the whole path of a folder on this machine, such as /media/backup.',
            'backup_password.*' => 'Choose a password of eight letters or more for backups, and keep it elsewhere too.',
            'sms_url.*' => 'Give the whole address of the service, such as https://sms.example.org/send.',
            'sms_body.*' => 'Say what is posted, with {to} and {text} where the number and the words go.',
            'sms_header.*' => 'Give the header as Name: value, on one line.',
            'smtp_*.max' => 'That is too long.',
            'benches.*' => 'Say how many benches there are, 1 to 20.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [$this->pictureIsOne(...), $this->stepsAreKnown(...), $this->closedDaysAreDays(...), $this->backupFolderIsThere(...)];
    }

    private function pictureIsOne(Validator $validator): void
    {
        $logo = $this->logo();
        $size = $logo === null ? null : @getimagesize($logo->getPathname());
        if ($size === false || ($size !== null && ! in_array($size[2], [IMAGETYPE_PNG, IMAGETYPE_JPEG], true))) {
            $validator->errors()->add('logo', 'This is no PNG or JPEG picture; choose another.');
        } elseif ($size !== null && max($size[0], $size[1]) > self::MOST_PIXELS) {
            $validator->errors()->add('logo', 'That picture is too large; keep it to '.self::MOST_PIXELS.' pixels on a side.');
        }
    }

    private function stepsAreKnown(Validator $validator): void
    {
        $unknown = array_values(array_diff($this->steps(), array_keys(app(Catalogue::class)->steps)))[0] ?? null;
        if ($unknown !== null) {
            $names = array_values(array_map(fn (Step $step): string => $step->name, app(Catalogue::class)->steps));
            $validator->errors()->add('school_order', UnknownWord::sentence('step', $unknown, $names));
        } elseif ($this->input('school') === ShopCatalogue::OWN_SCHOOL && $this->steps() === []) {
            $validator->errors()->add('school_order', 'Type the steps in your order, one a line, or choose another order.');
        }
    }

    private function closedDaysAreDays(Validator $validator): void
    {
        $wrong = array_filter($this->closedDays(), fn (string $day): bool => ! self::isDay($day));
        if ($wrong !== []) {
            $validator->errors()->add('closed_days', '“'.current($wrong).'” is no day. Write each as 2026-12-25, one a line.');
        } elseif (count($this->closedDays()) > self::MOST_CLOSED) {
            $validator->errors()->add('closed_days', 'Keep it to '.self::MOST_CLOSED.' days; leave out those that are over.');
        }
    }

    private function backupFolderIsThere(Validator $validator): void
    {
        $folder = $this->string('backup_folder')->trim()->toString();
        if ($folder !== '' && ! $validator->errors()->has('backup_folder') && (! is_dir($folder) || ! is_writable($folder))) {
            $validator
                ->errors()
                ->add('backup_folder', "{$folder} is no folder that this program can write. Make it, or mount the disk, first.");
        }
    }

    /** The picture for letters, where one is sent. */
    public function logo(): ?UploadedFile
    {
        $file = $this->file('logo');

        return $file instanceof UploadedFile ? $file : null;
    }

    /** How the money typed on this very form is written. */
    private function currency(): Currency
    {
        return Currency::of('', $this->integer('decimals', shop()->decimals));
    }

    /** @return array<string, mixed> property of Shop => value */
    public function values(): array
    {
        $text = fn (string $field): string => $this->string($field)->trim()->toString();
        $days = array_values(array_unique(array_map(intval(...), $this->array('open_days'))));
        sort($days);

        return [
            'name' => $text('name'),
            'address' => $text('address'),
            'phone' => $text('phone'),
            'mail' => $text('mail'),
            'taxNumber' => $text('tax_number'),
            'currency' => $text('currency'),
            ...$this->country(),
            'tax' => (int) round(100 * (float) str_replace(',', '.', $text('tax'))),
            'openDays' => $days,
            'openFrom' => $this->integer('open_from'),
            'openTo' => $this->integer('open_to'),
            'closedDays' => $this->closedDays(),
            'benches' => $this->integer('benches'),
            ...$this->prices(),
            ...$this->order(),
            ...$this->mailServer(),
        ];
    }

    /**
     * Only where the form asks for it.
     *
     * @return array<string, string|int|bool>
     */
    private function country(): array
    {
        return ! $this->has('decimals')
            ? []
            : [
                'country' => $this->string('country')->toString(),
                'decimals' => $this->integer('decimals'),
                'point' => $this->string('point')->toString(),
                'taxPerLine' => $this->boolean('tax_per_line'),
                'timeZone' => $this->string('time_zone')->toString(),
                'dateForm' => $this->string('date_form')->toString(),
                'weekStart' => $this->integer('week_start'),
            ];
    }

    /**
     * Only where the form asks for them.
     *
     * @return array<string, int>
     */
    private function prices(): array
    {
        return ! $this->has('hour_price')
            ? []
            : [
                'hourPrice' => $this->currency()->parse($this->string('hour_price')->toString())->minor,
                'depositFrom' => $this->currency()->parse($this->string('deposit_from')->toString())->minor,
                'depositShare' => 100 * $this->integer('deposit_share'),
                'quoteDays' => $this->integer('quote_days'),
                'comebackRisk' => 10 * $this->integer('comeback_risk'),
                'priceOfOne' => (int) round(1000 * (float) str_replace(',', '.', $this->string('price_of_one', '1')->toString())),
            ];
    }

    /**
     * Only where the form asks for it.
     *
     * @return array<string, int|string|list<string>>
     */
    private function order(): array
    {
        return ! $this->has('school')
            ? []
            : [
                'school' => $this->string('school')->toString(),
                'schoolOrder' => $this->steps(),
                'handsMinutes' => $this->integer('hands_minutes', 10),
            ];
    }

    /** @return list<string> steps by id, as their names were typed; one that is none stands as it was typed */
    private function steps(): array
    {
        $known = [];
        foreach (app(Catalogue::class)->steps as $id => $step) {
            $known[mb_strtolower($step->name)] = $id;
        }
        $typed = $this->input('school_order');
        $lines = is_string($typed) ? (preg_split('/\R/', $typed, -1, PREG_SPLIT_NO_EMPTY) ?: []) : [];
        $steps = array_map(fn (string $line): string => $known[mb_strtolower(trim($line))] ?? trim($line), $lines);

        return array_values(array_unique(array_filter($steps, fn (string $step): bool => $step !== '')));
    }

    /**
     * Only where the form asks for it; a password that is left empty stays as it was.
     *
     * @return array<string, string|int>
     */
    private function mailServer(): array
    {
        if (! $this->has('smtp_host')) {
            return [];
        }
        $secret = $this->string('smtp_password')->toString();

        return [
            'smtpHost' => $this->string('smtp_host')->trim()->toString(),
            'smtpPort' => $this->integer('smtp_port') ?: shop()->smtpPort,
            'smtpUser' => $this->string('smtp_user')->trim()->toString(),
            ...$secret === '' ? [] : ['smtpSecret' => Crypt::encryptString($secret)],
            ...$this->shortMessages(),
            ...$this->safety(),
        ];
    }

    /** @return array<string, string> a password that is left empty stays as it was */
    private function safety(): array
    {
        $password = $this->string('backup_password')->toString();

        return [
            'publicAddress' => rtrim($this->string('public_address')->trim()->toString(), '/'),
            'backupFolder' => rtrim($this->string('backup_folder')->trim()->toString(), '/'),
            ...$password === '' ? [] : ['backupSecret' => Crypt::encryptString($password)],
        ];
    }

    /** @return array<string, string> a header that is left empty stays as it was */
    private function shortMessages(): array
    {
        $header = $this->string('sms_header')->trim()->toString();
        $body = $this->string('sms_body')->trim()->toString();

        return [
            'smsUrl' => $this->string('sms_url')->trim()->toString(),
            'smsBody' => $body === '' ? Shop::shipped()->smsBody : $body,
            ...$header === '' ? [] : ['smsSecret' => Crypt::encryptString($header)],
        ];
    }

    /** @return list<string> as typed, in the order of the calendar */
    private function closedDays(): array
    {
        $typed = $this->input('closed_days');
        $lines = is_string($typed) ? (preg_split('/[\s,;]+/', $typed, -1, PREG_SPLIT_NO_EMPTY) ?: []) : [];
        $days = array_values(array_unique($lines));
        sort($days);

        return $days;
    }

    private static function isDay(string $day): bool
    {
        return preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $day, $found) === 1
            && checkdate((int) $found[2], (int) $found[3], (int) $found[1]);
    }
}
