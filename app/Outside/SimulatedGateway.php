<?php

declare(strict_types=1);

namespace App\Outside;

use App\Models\Message;
use Illuminate\Support\Facades\Storage;
use Orthoscope\Core\Plain\Draw;

/** Puts messages into a folder as `.eml` files, and fails now and then as a real gateway does. */
final readonly class SimulatedGateway implements MessageGateway
{
    /** @param  float  $fails share of tries that fail */
    public function __construct(private float $fails)
    {
    }

    public function send(Message $message, string $eml): void
    {
        // An address that begins with "nobody" never answers: to try out what happens then.
        if (str_starts_with($message->to, 'nobody')) {
            throw NotSent::because('nobody answers at this address');
        }
        if (Draw::from("gateway {$message->id} {$message->tries}")->happens($this->fails)) {
            throw NotSent::because('the line was busy');
        }
        Storage::put("outbox/{$message->id}.eml", $eml);
    }
}
