<?php

declare(strict_types=1);

namespace App\Models;

/**
 * One-time codes by time: RFC 6238 over RFC 4226, HMAC-SHA-1, six digits, a new one every 30 seconds. Written out here because no kept
 * package for it installs.
 */
final readonly class OneTimeCode
{
    private const SECONDS = 30;

    private const DIGITS = 6;

    /** Steps before and after now that are taken too: clocks of telephones are off a little (RFC 6238, 5.2). */
    private const DRIFT = 1;

    private const BASE32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** @param  string  $secret bytes */
    public function __construct(private string $secret)
    {
    }

    /** A new secret, 160 bits, as RFC 4226 asks for. */
    public static function newSecret(): string
    {
        return random_bytes(20);
    }

    public function at(int $counter): string
    {
        $hash = hash_hmac('sha1', pack('J', $counter), $this->secret, true);
        $offset = ord($hash[19]) & 0x0F;
        $number = (int) (unpack('N', substr($hash, $offset, 4))[1] ?? 0) & 0x7FFFFFFF;

        return str_pad((string) ($number % 10 ** self::DIGITS), self::DIGITS, '0', STR_PAD_LEFT);
    }

    /**
     * The counter that a typed code belongs to; null where it is none of now.
     *
     * @param  int  $after counter of the code that was used last: that and those before are not taken
     */
    public function counterOf(string $typed, int $after, int $now): ?int
    {
        $digits = (string) preg_replace('/\D/', '', $typed);
        $step = intdiv($now, self::SECONDS);
        for ($counter = max($after + 1, $step - self::DRIFT); $counter <= $step + self::DRIFT; $counter++) {
            if (hash_equals($this->at($counter), $digits)) {
                return $counter;
            }
        }

        return null;
    }

    /** The secret as people type it into their telephone: base32 of RFC 4648, without padding. */
    public function written(): string
    {
        $bits = '';
        foreach (str_split($this->secret) as $byte) {
            $bits .= str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT);
        }

        return implode('', array_map(fn (string $five): string => self::BASE32[(int) bindec(str_pad($five, 5, '0'))], str_split($bits, 5)));
    }

    /** What a telephone reads from the picture. */
    public function address(string $who, string $shop): string
    {
        $issuer = rawurlencode($shop === '' ? 'Orthoscope' : $shop);

        return "otpauth://totp/{$issuer}:".rawurlencode($who)."?secret={$this->written()}&issuer={$issuer}";
    }
}
