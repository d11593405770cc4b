<?php

declare(strict_types=1);

namespace App\Outside;

use App\Models\Shop;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** A few lines by the shop's own mail server, to people of the shop and to suppliers. */
final readonly class PlainMail
{
    public function __construct(private Shop $shop)
    {
    }

    /**
     * @param  ?array{name: string, bytes: string}  $paper a PDF that goes with it
     *
     * @throws NotSent with the reason
     */
    public function send(string $to, string $subject, string $text, ?array $paper = null): void
    {
        if (! $this->shop->sendsMail()) {
            throw NotSent::because('no mail server is set on the page of the shop');
        }
        $mail = (new Email)
            ->from(new Address($this->shop->mail, $this->shop->name))
            ->to($to)
            ->subject($subject)
            ->text($text);
        $paper === null || $mail->attach($paper['bytes'], $paper['name'], 'application/pdf');
        try {
            MailServer::of($this->shop)->send($mail);
        } catch (TransportExceptionInterface $failed) {
            throw NotSent::because(mb_substr($failed->getMessage(), 0, 240));
        }
    }
}
