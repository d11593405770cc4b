<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ReturnedMail;
use App\Models\Message;
use App\Models\User;
use App\UseCases\Owners\ReleaseMessage;
use App\UseCases\Owners\SendMessages;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** All words to owners, waiting and sent. */
final class MessageController
{
    public function index(Catalogue $catalogue): View
    {
        return view('messages', [
            'messages' => Message::query()
                ->with('job.machine.owner')
                ->orderByRaw("state in ('held', 'by-hand', 'given-up', 'bounced') desc")
                ->orderByDesc('id')
                ->simplePaginate(50),
            'due' => Message::query()->due()->count(),
            'moments' => $catalogue->messages,
        ]);
    }

    public function send(SendMessages $send): RedirectResponse
    {
        $count = $send->due();

        return redirect()
            ->route('messages')
            ->with(
                'status',
                "{$count['sent']} sent".($count['failed'] > 0 ? ", {$count['failed']} failed and are tried again" : '').'.',
            );
    }

    public function again(Message $message): RedirectResponse
    {
        abort_unless(
            in_array($message->state, ['failed', 'given-up', 'sending', 'bounced'], true),
            409,
            'This message does not wait for another try.',
        );
        $message->update(['state' => 'waiting', 'tries' => 0, 'next_try_at' => now()]);

        return back()->with('status', 'It is tried again.');
    }

    /** Somebody saw that it came back. */
    public function bounced(Message $message, #[CurrentUser] User $user): RedirectResponse
    {
        abort_unless($message->state === 'sent', 409, 'This message was not sent.');
        $message->update(['state' => 'bounced', 'error' => "came back, seen by {$user->name}"]);

        return back()->with('status', 'Noted. The job says that its owner has not had it.');
    }

    /** A mail that came back, as the mail program saved it. */
    public function returned(Request $request): RedirectResponse
    {
        $request->validate(
            ['returned' => ['required', 'file', 'max:2048']],
            ['returned.*' => 'Choose the mail as your mail program saves it, 2 MB at most.'],
        );
        $file = $request->file('returned');
        $mail = $file instanceof UploadedFile ? ReturnedMail::read((string) $file->getContent()) : null;
        $message = $mail === null ? null : Message::query()->where('state', 'sent')->find($mail->message);
        if ($mail === null || $message === null) {
            throw ValidationException::withMessages([
                'returned' => 'This names no message that was sent from here. Find it below, and press “came back”.',
            ]);
        }
        $message->update(['state' => 'bounced', 'error' => "came back: {$mail->why}"]);

        return redirect()
            ->route('messages')
            ->with('status', "It was the message for {$message->job->tag}: its owner has not had it.");
    }

    public function said(Message $message, SendMessages $send, #[CurrentUser] User $user): RedirectResponse
    {
        abort_unless(
            in_array($message->state, ['by-hand', 'given-up', 'bounced'], true),
            409,
            'This message is not one to be said by hand.',
        );
        $send->saidByHand($message->load('job.machine.owner'), $user->name);

        return back()->with('status', "{$message->job->machine->owner->name} has heard it, said or sent by you.");
    }

    public function release(Message $message, ReleaseMessage $release): RedirectResponse
    {
        abort_if(
            $message->moment === 'found' && Gate::denies('work-at-bench'),
            403,
            'What was found is sent by who works at the bench.',
        );
        $release->release($message);

        return back()->with('status', "It goes to {$message->job->machine->owner->name} now.");
    }
}
