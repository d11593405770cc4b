<?php

declare(strict_types=1);

namespace App\Outside;

use App\Models\Message;

/** Carries words to an owner. What ships is simulated; a real one is another class behind this. */
interface MessageGateway
{
    /** @throws NotSent with the reason, where it may be tried again */
    public function send(Message $message, string $eml): void;
}
