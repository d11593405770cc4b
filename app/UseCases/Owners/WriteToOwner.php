<?php

declare(strict_types=1);

namespace App\UseCases\Owners;

use App\Models\Job;
use App\Models\Message;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Catalogue\Catalogue;

/** Puts words to an owner into the queue, at the moments that matter; what is there already is not put in twice. */
final readonly class WriteToOwner
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  array<string, string>  $facts what is filled in beside name, model, tag, shop and address
     * @param  string  $about what it is about, where a moment can come more than once
     */
    public function of(Job $job, string $moment, array $facts = [], string $about = ''): ?Message
    {
        $owner = $job->machine->owner;
        $to = $owner->email !== '' ? $owner->email : $owner->phone;
        if ($to === '' || $job->own !== null) {
            return null;
        }
        $template = $this->catalogue->messages[$moment];
        $written = $template->write(
            $facts + FactsForWords::of($job),
        );

        $message = Message::query()->firstOrCreate(
            ['job_id' => $job->id, 'moment' => $moment, 'about' => $about],
            [
                ...$written,
                'to' => $to,
                'state' => $template->byHand ? 'held' : 'waiting',
                'next_try_at' => $template->byHand ? null : self::at($template->afterDays),
            ],
        );
        // What nobody has sent yet says what is known now; what was dropped and is true again waits to be read again.
        if ($template->byHand && in_array($message->state, ['held', 'dropped'], true)) {
            $message->update([...$written, 'to' => $to, 'state' => 'held']);
        }

        return $message;
    }

    /** What waits to be said and is no longer true is not sent. */
    public function drop(Job $job, string ...$moments): void
    {
        Message::query()
            ->where('job_id', $job->id)
            ->whereIn('moment', $moments)
            ->whereIn('state', ['held', 'waiting', 'failed', 'by-hand'])
            ->update(['state' => 'dropped']);
    }

    private static function at(int $days): Carbon
    {
        return $days === 0
            ? now()
            : now()
                ->addDays($days)
                ->setTime(shop()->openFrom + 1, 0);
    }
}
