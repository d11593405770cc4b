<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Message;
use App\Outside\MessageGateway;
use App\Outside\NotSent;
use Closure;

/** A gateway that keeps what goes out, is busy when it is told to be, and does something of its own while it sends. */
final class KeptGateway implements MessageGateway
{
    /** @var list<string> mails that went out */
    public array $out = [];

    public bool $busy = false;

    public ?Closure $meanwhile = null;

    public function send(Message $message, string $eml): void
    {
        if ($this->busy) {
            throw NotSent::because('the line was busy');
        }
        $this->out[] = $eml;
        $this->meanwhile === null || ($this->meanwhile)();
    }
}
