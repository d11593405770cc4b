<?php

declare(strict_types=1);

namespace App\Outside;

use App\Models\Message;
use App\Models\Shop;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;

/**
 * Sends short messages by an HTTP service of the shop's choice: one POST with {to} and {text} filled in. A body that begins with "{" is
 * sent as JSON, any other as a form; an answer of 200 to 299 means that it was taken.
 */
final readonly class SmsGateway implements MessageGateway
{
    private const SECONDS = 15;

    /** Letters of a message; services split what is longer and bill each part. Origin: judgement. */
    private const LETTERS = 300;

    public function __construct(private Shop $shop)
    {
    }

    public function send(Message $message, string $eml): void
    {
        $isJson = str_starts_with(ltrim($this->shop->smsBody), '{');
        $request = Http::timeout(self::SECONDS)->connectTimeout(self::SECONDS)->withoutRedirecting();
        [$name, $value] = [...explode(':', $this->shop->smsHeader(), 2), ''];
        if (trim($name) !== '') {
            $request = $request->withHeaders([trim($name) => trim($value)]);
        }
        try {
            $answer = $request
                ->withBody($this->body($message, $isJson), $isJson ? 'application/json' : 'application/x-www-form-urlencoded')
                ->post($this->shop->smsUrl);
        } catch (ConnectionException) {
            throw NotSent::because('the service for short messages does not answer');
        }
        if (! $answer->successful()) {
            $said = mb_strimwidth(trim(strip_tags($answer->body())), 0, 160, '…');

            throw NotSent::because("the service for short messages said {$answer->status()}".($said === '' ? '' : ": {$said}"));
        }
    }

    private function body(Message $message, bool $isJson): string
    {
        $to = (string) preg_replace('/[^+0-9]/', '', $message->to);

        return strtr($this->shop->smsBody, [
            '{to}' => self::within($to, $isJson),
            '{text}' => self::within(self::short($message), $isJson),
        ]);
    }

    /** What is told in short: what it is about, the address where it stands, and who writes. */
    public static function short(Message $message): string
    {
        $link = preg_match('~https?://\S+~', $message->text, $found) === 1 ? " {$found[0]}" : '';
        $from = trim(shop()->name.', '.shop()->phone, ' ,');
        $words = mb_strimwidth($message->subject, 0, max(40, self::LETTERS - mb_strlen($link.$from) - 4), '…');

        return "{$words}.{$link}".($from === '' ? '' : " {$from}");
    }

    private static function within(string $words, bool $isJson): string
    {
        return $isJson
            ? substr((string) json_encode($words, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), 1, -1)
            : rawurlencode($words);
    }
}
