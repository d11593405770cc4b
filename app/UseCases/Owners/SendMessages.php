<?php

declare(strict_types=1);

namespace App\UseCases\Owners;

use App\Documents\Eml;
use App\Documents\LetterPdf;
use App\Models\Message;
use App\Models\Summary;
use App\Outside\ByHand;
use App\Outside\MessageGateway;
use App\Outside\NotSent;
use App\UseCases\Advice\WriteLetter;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Catalogue\Catalogue;

/**
 * Sends what is due, each at most once: a message is taken before it is sent, and what failed is tried again later and later. One that was
 * taken when the power went stays "sending": whether it went out nobody knows, so a person looks.
 */
final readonly class SendMessages
{
    /** Minutes until the next try, by how many were made. After the last somebody rings. */
    private const AGAIN = [5, 30, 240];

    public function __construct(
        private MessageGateway $gateway,
        private Catalogue $catalogue,
        private WriteToOwner $write,
        private WriteLetter $letters,
    ) {
    }

    /** @return array{sent: int, failed: int} */
    public function due(int $most = 50): array
    {
        $count = ['sent' => 0, 'failed' => 0];
        foreach (Message::query()->due()->orderBy('next_try_at')->limit($most)->get() as $message) {
            // Whoever changes the row first has it: a second worker finds nothing to change.
            $mine = Message::query()
                ->whereKey($message->id)
                ->whereIn('state', ['waiting', 'failed'])
                ->where('tries', $message->tries)
                ->update(['tries' => $message->tries + 1, 'state' => 'sending']);
            if ($mine === 1) {
                $count[$this->send($message->refresh()) ? 'sent' : 'failed']++;
            }
        }

        return $count;
    }

    private function send(Message $message): bool
    {
        $message->load('job.machine.owner');
        try {
            $this->gateway->send(
                $message,
                Eml::of(
                    $message,
                    in_array($message->moment, Message::WITH_LETTER, true)
                        ? LetterPdf::of($message->job, $this->letters->of($message->job))
                        : null,
                ),
            );
        } catch (ByHand $reason) {
            $message->update(['state' => 'by-hand', 'error' => $reason->getMessage(), 'next_try_at' => null]);

            return false;
        } catch (NotSent $reason) {
            $again = self::AGAIN[$message->tries - 1] ?? null;
            $message->update([
                'state' => $again === null ? 'given-up' : 'failed',
                'error' => $reason->getMessage(),
                'next_try_at' => $again === null ? null : now()->addMinutes($again),
            ]);

            return false;
        }
        DB::transaction(fn () => $this->isSaid($message, ''));

        return true;
    }

    /** Somebody said or sent it by hand. */
    public function saidByHand(Message $message, string $who): void
    {
        DB::transaction(function () use ($message, $who): void {
            // Whoever presses first has said it.
            $mine = Message::query()
                ->whereKey($message->id)
                ->whereIn('state', ['by-hand', 'given-up', 'bounced'])
                ->update(['state' => 'sending']);
            $mine === 1 && $this->isSaid($message->refresh(), "by hand: {$who}");
        });
    }

    private function isSaid(Message $message, string $how): void
    {
        $message->update(['state' => 'sent', 'sent_at' => now(), 'error' => $how, 'next_try_at' => null]);
        $this->again($message);
    }

    /** A reminder is said again after a while, so many times in all, as long as nothing changed. */
    private function again(Message $message): void
    {
        $template = $this->catalogue->messages[$message->moment];
        $times = (int) $message->about + 1;
        if (
            $template->everyDays !== null
            && $times < $template->most
            && Summary::query()->whereKey($message->job_id)->where('waits_for', JobState::Collect)->exists()
        ) {
            $this->write
                ->of($message->job, $message->moment, about: (string) $times)
                ?->update(['next_try_at' => now()->addDays($template->everyDays)]);
        }
    }
}
