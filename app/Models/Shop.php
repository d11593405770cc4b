<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\Storage;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Currency;
use ReflectionMethod;

/**
 * The shop as it is set up: what it set itself, over what ships. The one home of these values: whoever needs one asks `shop()`.
 */
final readonly class Shop
{
    /** How a full date is written on papers, by the form PHP knows it by. */
    public const DATE_FORMS = ['j M Y' => '25 Dec 2026', 'M j, Y' => 'Dec 25, 2026', 'd.m.Y' => '25.12.2026', 'Y-m-d' => '2026-12-25'];

    /**
     * @param  string  $taxNumber as letters show it; empty if it has none
     * @param  string  $logo its picture on letters: the name of a file kept by the shop; empty if it has none
     * @param  string  $country ISO 3166-1, two letters; empty while it is not said
     * @param  string  $currency its sign or code, as prices show it
     * @param  int  $decimals of the currency, 0 to 3
     * @param  string  $point "." or ",", before the decimals
     * @param  int  $tax on work and parts, basis points (2000 = 20 %)
     * @param  bool  $taxPerLine tax is worked out and rounded on each line, and not once on the sum
     * @param  string  $timeZone name of the IANA time zone that its clock shows
     * @param  string  $dateForm one of DATE_FORMS
     * @param  int  $weekStart ISO day of the week that weeks begin with
     * @param  int  $priceOfOne what 1.00 of the shipped price lists is here, in thousandths of the main unit
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
     * @param  int  $handsMinutes pause after which a computer at a bench asks whose hands are at it, 1 to 240
     * @param  string  $backupFolder where a backup is made to by night; empty: none is
     * @param  string  $backupSecret password that backups are locked with, encrypted; empty: they are not locked
     * @param  string  $publicAddress under which owners reach the shop's pages; empty: as whoever works here does
     * @param  int  $keepMessages months that sent words are kept; 0 = for good, as with the three that follow
     * @param  int  $keepPhotos months after a machine was fetched
     * @param  int  $keepCalls  months after a call about a machine that never came
     * @param  int  $keepOwners months after their last machine was fetched
     * @param  int  $addressMonths months that an owner's address opens after its machine was fetched, its warranty at least; 0 ends it then
     * @param  string  $school order of steps that is shown unless somebody chose another; empty: what is computed
     * @param  list<string>  $schoolOrder steps in the shop's own order; empty where it has none
     * @param  string  $smtpHost mail server that its mail leaves by; empty: words to owners are said or sent by hand
     * @param  int  $smtpPort 1 to 65535
     * @param  string  $smtpSecret password of the mail server, encrypted
     * @param  string  $smsUrl  address of a service for short messages; empty: telephones are rung
     * @param  string  $smsBody what is posted there, with {to} and {text}
     * @param  string  $smsSecret header that lets the shop in there, encrypted
     */
    public function __construct(
        public string $name,
        public string $address,
        public string $phone,
        public string $mail,
        public string $taxNumber,
        public string $logo,
        public string $country,
        public string $currency,
        public int $decimals,
        public string $point,
        public int $tax,
        public bool $taxPerLine,
        public string $timeZone,
        public string $dateForm,
        public int $weekStart,
        public int $priceOfOne,
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
        public int $handsMinutes,
        public string $backupFolder,
        public string $backupSecret,
        public string $publicAddress,
        public int $keepMessages,
        public int $keepPhotos,
        public int $keepCalls,
        public int $keepOwners,
        public int $addressMonths,
        public string $school,
        public array $schoolOrder,
        public string $smtpHost,
        public int $smtpPort,
        public string $smtpUser,
        public string $smtpSecret,
        public string $smsUrl,
        public string $smsBody,
        public string $smsSecret,
    ) {
    }

    /** What ships, with the values of the shop's own over it; as they were then where a time is given. */
    public static function stored(?Carbon $at = null): self
    {
        try {
            return self::from(ShopSetting::inForce($at));
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
        app()->forgetInstance(Catalogue::class);
        date_default_timezone_set(app(self::class)->timeZone);

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

    /** Words to a telephone leave by themselves. */
    public function sendsShortMessages(): bool
    {
        return $this->smsUrl !== '' && $this->smsBody !== '';
    }

    /** The password of the mail server, to be used and never shown; empty where none is set, or where the key that locked it has gone. */
    public function smtpPassword(): string
    {
        return self::unlocked($this->smtpSecret);
    }

    /** The header that lets the shop in at its service for short messages, as "Name: value". */
    public function smsHeader(): string
    {
        return self::unlocked($this->smsSecret);
    }

    /** What backups are locked with; empty where they are not. */
    public function backupPassword(): string
    {
        return self::unlocked($this->backupSecret);
    }

    /** @param  mixed  $of what the route is about */
    public function linkTo(string $route, mixed $of): string
    {
        return $this->publicAddress === '' ? route($route, $of) : rtrim($this->publicAddress, '/').route($route, $of, false);
    }

    private static function unlocked(string $secret): string
    {
        try {
            return $secret === '' ? '' : Crypt::decryptString($secret);
        } catch (DecryptException) {
            return '';
        }
    }

    /** How it writes and types money. */
    public function money(): Currency
    {
        return Currency::of($this->currency, $this->decimals, $this->point);
    }

    /** A day as its papers write it, and the time after it where that is asked. */
    public function date(?DateTimeInterface $at, bool $time = false): string
    {
        return $at === null ? '' : $at->format($this->dateForm.($time ? ', H:i' : ''));
    }

    /** @return list<int> ISO days of the week in the order in which its weeks have them */
    public function week(): array
    {
        return array_map(fn (int $i): int => ($this->weekStart - 1 + $i) % 7 + 1, range(0, 6));
    }

    /** The first moment of the week that a day is in. */
    public function startOfWeek(CarbonImmutable $day): CarbonImmutable
    {
        return $day->startOfWeek($this->weekStart % 7);
    }

    /** Its picture as a data address for letters and PDFs; null where it has none. */
    public function logoAddress(): ?string
    {
        $bytes = $this->logo === '' ? null : Storage::get("shop/{$this->logo}");

        return $bytes === null ? null : 'data:image/png;base64,'.base64_encode($bytes);
    }

    /** @param  array<string, mixed>  $own */
    private static function from(array $own): self
    {
        $all = array_replace((array) config('shop.shipped'), $own);
        $values = [];
        foreach ((new ReflectionMethod(self::class, '__construct'))->getParameters() as $parameter) {
            $name = $parameter->getName();
            $values[$name] = self::typed((string) $parameter->getType(), $all[$name] ?? null);
        }

        // The constructor still holds each value against its type.
        return new self(...$values);
    }

    private static function typed(string $type, mixed $value): mixed
    {
        return match ($type) {
            'bool' => (bool) $value,
            'int' => is_numeric($value) ? (int) $value : 0,
            'array' => (array) $value,
            default => is_string($value) ? $value : '',
        };
    }
}
