<?php

declare(strict_types=1);

namespace App\Outside;

use App\Models\Shop;
use Symfony\Component\Mailer\Transport\Dsn;
use Symfony\Component\Mailer\Transport\Smtp\EsmtpTransportFactory;
use Symfony\Component\Mailer\Transport\Smtp\SmtpTransport;
use Symfony\Component\Mailer\Transport\Smtp\Stream\SocketStream;
use Symfony\Component\Mailer\Transport\TransportInterface;

/** The shop's own mail server (SMTP, RFC 5321), as it is set on the page of the shop. */
final class MailServer
{
    private const SECONDS = 15.0;

    public static function of(Shop $shop): TransportInterface
    {
        $password = $shop->smtpPassword();
        $transport = (new EsmtpTransportFactory)->create(
            new Dsn(
                'smtp',
                $shop->smtpHost,
                $shop->smtpUser === '' ? null : $shop->smtpUser,
                $password === '' ? null : $password,
                $shop->smtpPort,
            ),
        );
        if ($transport instanceof SmtpTransport && $transport->getStream() instanceof SocketStream) {
            $transport->getStream()->setTimeout(self::SECONDS);
        }

        return $transport;
    }
}
