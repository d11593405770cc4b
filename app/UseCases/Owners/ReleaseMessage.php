<?php

declare(strict_types=1);

namespace App\UseCases\Owners;

use App\Models\Message;
use App\UseCases\Advice\AssessJob;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Planning\ActiveLock;

/** A person has read a message that names a cause or says "ready", and sends it; not while something on the job speaks against it. */
final readonly class ReleaseMessage
{
    public function __construct(private AssessJob $assessJob, private WriteToOwner $write)
    {
    }

    /** @throws ValidationException that says what holds it back */
    public function release(Message $message): void
    {
        $against = $this->against($message);
        if ($against !== null) {
            throw ValidationException::withMessages(['message' => $against]);
        }
        // Whoever presses first sends it: a second press finds nothing that is held.
        $held = Message::query()->whereKey($message->id)->where('state', 'held');
        $sent = $held->update(['state' => 'waiting', 'next_try_at' => now()]);
        if ($sent === 1 && in_array($message->moment, Message::FETCH_IT, true)) {
            $this->write->of($message->job, 'not-collected', about: '0');
        }
    }

    /** What holds it back, in one sentence; null where nothing does. */
    public function against(Message $message): ?string
    {
        $assessment = $this->assessJob->assess($message->job);
        $locks = array_map(
            fn (ActiveLock $active): string => $active->lock->name,
            [...$assessment->locks->onPower(), ...$assessment->locks->onOwnSupply()],
        );

        $locked = implode(', ', array_unique($locks));
        $isClosing = in_array($message->moment, Message::FETCH_IT, true);
        $isConfirmed = $assessment->causes()[0]->confirmed ?? false;

        return match (true) {
            $message->moment !== 'back-locked' && $locks !== [] => "It is held: the job is locked ({$locked}). "
                .'End the lock first, or close the job with its warning.',
            $message->moment === 'found' && $assessment->advice->state === JobState::Confirm => "It is held: {$assessment->advice->why}",
            $message->moment === 'found' && ! $isConfirmed => 'It is held: the record does not confirm this cause any more.',
            $isClosing && $assessment->record->closing() === null => 'It is held: the job is not closed.',
            default => null,
        };
    }
}
