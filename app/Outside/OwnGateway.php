<?php

declare(strict_types=1);

namespace App\Outside;

use App\Models\Message;
use App\Models\Shop;

/** The ways a real shop has: mail to a mail address, a short message to a telephone; where it has neither, by hand. */
final readonly class OwnGateway implements MessageGateway
{
    public function __construct(private Shop $shop)
    {
    }

    public function send(Message $message, string $eml): void
    {
        $isMail = filter_var($message->to, FILTER_VALIDATE_EMAIL) !== false;
        $way = ! $isMail && $this->shop->sendsShortMessages() ? new SmsGateway($this->shop) : new MailGateway($this->shop);
        $way->send($message, $eml);
    }
}
