<?php

declare(strict_types=1);

namespace App\Documents;

/** A mail that came back, as a mail program saves it: which message it was, and why (RFC 3464 reports, and what looks like one). */
final readonly class ReturnedMail
{
    private function __construct(public int $message, public string $why)
    {
    }

    /** Null where it names no message of ours. */
    public static function read(string $eml): ?self
    {
        // The number stands in the Message-ID of what we sent, which a report quotes.
        if (preg_match('/Message-ID:\s*<[a-z0-9]+-[a-z0-9]+\.(\d+)@/i', $eml, $found) !== 1) {
            return null;
        }

        return new self((int) $found[1], self::field('Diagnostic-Code', $eml) ?? self::field('Status', $eml) ?? 'no reason was given');
    }

    /** A field of the report, with its folded lines; null where it has none. */
    private static function field(string $name, string $eml): ?string
    {
        return preg_match("/^{$name}:\s*(.+(?:\R[ \t].+)*)/mi", $eml, $found) === 1
            ? mb_strimwidth(trim((string) preg_replace('/\s+/', ' ', $found[1])), 0, 200, '…')
            : null;
    }
}
