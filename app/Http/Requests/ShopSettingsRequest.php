<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Plain\Money;

/** What a shop says of itself. */
class ShopSettingsRequest extends FormRequest
{
    /** Days on which it stays shut, at most. */
    private const MOST_CLOSED = 100;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'address' => ['nullable', 'string', 'max:160'],
            'phone' => ['nullable', 'string', 'max:40', 'regex:'.TakeInRequest::PHONE],
            'mail' => ['nullable', 'email', 'max:160'],
            'tax_number' => ['nullable', 'string', 'max:40'],
            'currency' => ['required', 'string', 'max:5'],
            'tax' => ['required', 'regex:/^\d{1,2}([.,]\d{1,2})?$/'],
            'open_days' => ['required', 'array'],
            'open_days.*' => [Rule::in(['1', '2', '3', '4', '5', '6', '7'])],
            'open_from' => ['required', 'integer', 'min:0', 'max:23'],
            'open_to' => ['required', 'integer', 'min:1', 'max:24', 'gt:open_from'],
            'closed_days' => ['nullable', 'string', 'max:2000'],
            'benches' => ['required', 'integer', 'min:1', 'max:20'],
            'hour_price' => ['sometimes', 'required', 'string', new MoneyTyped],
            'deposit_from' => ['sometimes', 'required', 'string', new MoneyTyped],
            'deposit_share' => ['sometimes', 'required', 'integer', 'min:0', 'max:100'],
            'quote_days' => ['sometimes', 'required', 'integer', 'min:1', 'max:90'],
            'comeback_risk' => ['sometimes', 'required', 'integer', 'min:1', 'max:50'],
            'smtp_host' => ['nullable', 'string', 'max:120', 'regex:/^[A-Za-z0-9.\-]+$/'],
            'smtp_port' => ['nullable', 'integer', 'min:1', 'max:65535'],
            'smtp_user' => ['nullable', 'string', 'max:160'],
            'smtp_password' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Type the name of the shop, as letters shall say it.',
            'name.max' => 'Keep the name under 80 letters.',
            'address.max' => 'Keep the address under 160 letters, on one line.',
            'phone.*' => 'A telephone number has digits, spaces and + ( ) / . - only, and at least five of them.',
            'mail.*' => 'This is not a mail address; it looks like name@example.org.',
            'tax_number.max' => 'Keep the tax number under 40 letters.',
            'currency.*' => 'Give the sign or the code of the currency, such as € or CHF.',
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
            'smtp_host.*' => 'Give the name of the mail server alone, such as mail.example.org.',
            'smtp_port.*' => 'Give the port of the mail server, such as 587.',
            'smtp_*.max' => 'That is too long.',
            'benches.*' => 'Say how many benches there are, 1 to 20.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $wrong = array_filter($this->closedDays(), fn (string $day): bool => ! self::isDay($day));
                if ($wrong !== []) {
                    $validator->errors()->add('closed_days', '“'.current($wrong).'” is no day. Write each as 2026-12-25, one a line.');
                } elseif (count($this->closedDays()) > self::MOST_CLOSED) {
                    $validator->errors()->add('closed_days', 'Keep it to '.self::MOST_CLOSED.' days; leave out those that are over.');
                }
            },
        ];
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
            'tax' => (int) round(100 * (float) str_replace(',', '.', $text('tax'))),
            'openDays' => $days,
            'openFrom' => $this->integer('open_from'),
            'openTo' => $this->integer('open_to'),
            'closedDays' => $this->closedDays(),
            'benches' => $this->integer('benches'),
            ...$this->prices(),
            ...$this->mailServer(),
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
                'hourPrice' => Money::parse($this->string('hour_price')->toString())->minor,
                'depositFrom' => Money::parse($this->string('deposit_from')->toString())->minor,
                'depositShare' => 100 * $this->integer('deposit_share'),
                'quoteDays' => $this->integer('quote_days'),
                'comebackRisk' => 10 * $this->integer('comeback_risk'),
            ];
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
        ];
    }

    /** @return list<string> as typed, in the order of the calendar */
    private function closedDays(): array
    {
        $typed = $this->input('closed_days');
        $lines = is_string($typed) ? preg_split('/[\s,;]+/', $typed, -1, PREG_SPLIT_NO_EMPTY) ?: [] : [];
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
