<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Crypt;

/**
 * The shop as it is set up: what it set itself, over what ships. The one home of these values: whoever needs one asks `shop()`.
 */
final readonly class Shop
{
    /**
     * @param  string  $taxNumber as letters show it; empty if it has none
     * @param  string  $currency its sign or code, as prices show it
     * @param  int  $tax on work and parts, basis points (2000 = 20 %)
     * @param  list<int>  $openDays ISO days of the week, 1 = Monday to 7 = Sunday
     * @param  int  $openFrom hour, 0 to 23
     * @param  int  $openTo   hour, after $openFrom, up to 24
     * @param  list<string>  $closedDays days on which it stays shut, as 2026-12-25
     * @param  int  $benches 1 to 20
     * @param  int  $hourPrice  what an owner pays for an hour of work, minor units, before tax
     * @param  int  $depositFrom total from which a part of it is asked before an order, minor units
     * @param  int  $depositShare that part, basis points
     * @param  int  $quoteDays  days a quote holds
     * @param  int  $comebackRisk chance of a comeback within its warranty that the lead accepts, in 1000
     * @param  string  $smtpHost mail server that its mail leaves by; empty: words to owners are said or sent by hand
     * @param  int  $smtpPort 1 to 65535
     * @param  string  $smtpSecret password of the mail server, encrypted
     */
    public function __construct(
        public string $name,
        public string $address,
        public string $phone,
        public string $mail,
        public string $taxNumber,
        public string $currency,
        public int $tax,
        public array $openDays,
        public int $openFrom,
        public int $openTo,
        public array $closedDays,
        public int $benches,
        public int $hourPrice,
        public int $depositFrom,
        public int $depositShare,
        public int $quoteDays,
        public int $comebackRisk,
        public string $smtpHost,
        public int $smtpPort,
        public string $smtpUser,
        public string $smtpSecret,
    ) {
    }

    /** What ships, with the values of the shop's own over it. */
    public static function stored(): self
    {
        try {
            return self::from(ShopSetting::inForce());
        } catch (QueryException) {
            // Before its tables are made there is no shop yet.
            return self::shipped();
        }
    }

    /** What a shop has that set nothing yet. */
    public static function shipped(): self
    {
        return self::from([]);
    }

    /**
     * Keeps what is other than it was, with who set it.
     *
     * @param  array<string, mixed>  $values property => value, checked
     */
    public function set(array $values, ?User $by): self
    {
        foreach ($values as $name => $value) {
            if ($this->{$name} !== $value) {
                ShopSetting::query()->create(['name' => $name, 'value' => $value, 'user_id' => $by?->id]);
            }
        }
        app()->forgetInstance(self::class);

        return app(self::class);
    }

    /** @return list<string> what letters and promises lack, in words */
    public function missing(): array
    {
        return array_keys(
            array_filter([
                'the name of the shop' => $this->name === '',
                'an address' => $this->address === '',
                'a telephone number' => $this->phone === '',
                'a mail address' => $this->mail === '',
                'a mail server: until then words to owners are said or sent by hand' => ! $this->isDemo() && $this->smtpHost === '',
            ]),
        );
    }

    /** Under its name on letters: what it has of address, telephone, mail and tax number. */
    public function letterhead(): string
    {
        $tax = $this->taxNumber === '' ? '' : "tax number {$this->taxNumber}";

        return implode(' · ', array_filter([$this->address, $this->phone, $this->mail, $tax]));
    }

    /** A made-up shop to look at: a guided first job is offered there and nowhere else. */
    public function isDemo(): bool
    {
        return (bool) config('shop.demo');
    }

    /** Its mail leaves by itself. */
    public function sendsMail(): bool
    {
        return $this->smtpHost !== '' && $this->mail !== '';
    }

    /** The password of the mail server, to be used and never shown; empty where none is set, or where the key that locked it has gone. */
    public function smtpPassword(): string
    {
        try {
            return $this->smtpSecret === '' ? '' : Crypt::decryptString($this->smtpSecret);
        } catch (DecryptException) {
            return '';
        }
    }

    /** @param  array<string, mixed>  $own */
    private static function from(array $own): self
    {
        $all = array_replace((array) config('shop.shipped'), $own);
        $texts = fn (string $name): string => is_string($all[$name] ?? null) ? $all[$name] : '';
        $whole = fn (string $name): int => is_numeric($all[$name] ?? null) ? (int) $all[$name] : 0;

        return new self(
            name: $texts('name'),
            address: $texts('address'),
            phone: $texts('phone'),
            mail: $texts('mail'),
            taxNumber: $texts('taxNumber'),
            currency: $texts('currency'),
            tax: $whole('tax'),
            openDays: array_values(array_map(intval(...), array_filter((array) ($all['openDays'] ?? []), is_numeric(...)))),
            openFrom: $whole('openFrom'),
            openTo: $whole('openTo'),
            closedDays: array_values(array_filter((array) ($all['closedDays'] ?? []), is_string(...))),
            benches: $whole('benches'),
            hourPrice: $whole('hourPrice'),
            depositFrom: $whole('depositFrom'),
            depositShare: $whole('depositShare'),
            quoteDays: $whole('quoteDays'),
            comebackRisk: $whole('comebackRisk'),
            smtpHost: $texts('smtpHost'),
            smtpPort: $whole('smtpPort'),
            smtpUser: $texts('smtpUser'),
            smtpSecret: $texts('smtpSecret'),
        );
    }
}
