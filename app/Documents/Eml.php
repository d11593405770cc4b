<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Message;
use Illuminate\Support\Str;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** A message as a mail file (RFC 5322). */
final class Eml
{
    /** Where a shop has no address of its own. */
    private const NOBODY = 'repairs@shop.invalid';

    public static function of(Message $message, ?string $pdf = null): string
    {
        $from = shop()->mail !== '' ? shop()->mail : self::NOBODY;
        $email = (new Email)
            ->from(new Address($from, shop()->name))
            ->to(new Address(self::address($message->to), $message->job->machine->owner->name))
            ->subject($message->subject)
            ->text($message->text)
            ->date($message->created_at);
        $email->getHeaders()->addIdHeader('Message-ID', Str::lower("{$message->job->tag}.{$message->id}".strrchr($from, '@')));
        if ($pdf !== null) {
            $email->attach($pdf, "letter-{$message->job->tag}.pdf", 'application/pdf');
        }

        return $email->toString();
    }

    /** A telephone number has no mail address: the gateway of the shop turns it into a text message. An owner may have left neither. */
    private static function address(string $to): string
    {
        return filter_var($to, FILTER_VALIDATE_EMAIL) !== false
            ? $to
            : ((string) preg_replace('/\D/', '', $to) ?: 'nobody').'@text.invalid';
    }
}
