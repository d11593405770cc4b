<?php

declare(strict_types=1);

namespace App\Outside;

use App\Models\Message;
use App\Models\Shop;
use Symfony\Component\Mailer\Envelope;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\RawMessage;

/** Sends mail by the shop's own mail server (SMTP, RFC 5321). What has no mail address, or a shop without a server, is done by hand. */
final readonly class MailGateway implements MessageGateway
{
    public function __construct(private Shop $shop)
    {
    }

    public function send(Message $message, string $eml): void
    {
        if (filter_var($message->to, FILTER_VALIDATE_EMAIL) === false) {
            throw ByHand::because('there is a telephone number and no mail address');
        }
        if (! $this->shop->sendsMail()) {
            throw ByHand::because('no mail server is set on the page of the shop');
        }
        try {
            MailServer::of($this->shop)->send(
                new RawMessage($eml),
                new Envelope(new Address($this->shop->mail), [new Address($message->to)]),
            );
        } catch (TransportExceptionInterface $failed) {
            throw NotSent::because(mb_substr($failed->getMessage(), 0, 240));
        }
    }
}
