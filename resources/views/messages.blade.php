<x-layout title="Messages" nav="counter">
    <div class="head">
        <h1>Messages</h1>
        <p>Words to owners. Times and promises go by themselves; what names a cause or says "ready" goes once you have
            read it. None goes
            twice.</p>
        <form method="post" action="{{ route('messages.send') }}">@csrf<button
                @disabled($due === 0)>{{ $due === 0 ? 'Nothing is due' : "Send {$due} now" }}</button></form>
    </div>
    @error('message')
        <p class="notice error" role="alert">{{ $message }}</p>
    @enderror
    @if ($messages->isEmpty())
        <section class="sheet empty">
            <p>No message yet. The first one goes out when a machine is taken in.</p>
        </section>
    @else
        <section class="sheet">
            @foreach ($messages as $message)
                <details class="message" @if (in_array($message->state, ['held', 'by-hand', 'given-up', 'bounced'], true)) open @endif>
                    <summary><span class="tag">{{ $message->job->tag }}</span> <b>{{ $message->subject }}</b>
                        <small>to
                            {{ $message->job->machine->owner->name }}, {{ $message->to }}</small>
                        <span @class([
                            'state',
                            'danger' => in_array(
                                $message->state,
                                ['given-up', 'failed', 'sending', 'bounced'],
                                true),
                        ])>{{ App\Models\Message::STATES[$message->state] }}@if ($message->sent_at)
                                {{ $message->sent_at->format('j M, H:i') }}
                            @elseif ($message->next_try_at && $message->next_try_at->isFuture())
                                until {{ $message->next_try_at->format('j M, H:i') }}
                            @endif
                        </span>
                    </summary>
                    <p class="of">{{ ucfirst($moments[$message->moment]->moment) }}. <a
                            href="{{ route('jobs.tag', $message->job) }}">Look at the job</a></p>
                    <pre>{{ $message->text }}</pre>
                    @if (in_array($message->state, ['sent', 'by-hand'], true) && $message->error !== '')
                        <p><small>{{ ucfirst($message->error) }}.</small></p>
                    @elseif ($message->error !== '')
                        <p class="error">Try {{ $message->tries }}: {{ $message->error }}</p>
                    @endif
                    @if ($message->state === 'sent')
                        <form method="post" action="{{ route('messages.bounced', $message) }}">@csrf<button
                                class="quiet">it came back</button></form>
                    @endif
                    @if (in_array($message->state, ['by-hand', 'given-up', 'bounced'], true))
                        <form method="post" action="{{ route('messages.said', $message) }}">@csrf<button>I said or
                                sent it</button>
                        </form>
                    @endif
                    <x-release :message="$message" />
                    @if (in_array($message->state, ['failed', 'given-up', 'sending', 'bounced'], true))
                        <form method="post" action="{{ route('messages.again', $message) }}">@csrf<button
                                class="quiet">try it again
                                now</button></form>
                    @endif
                </details>
            @endforeach
        </section>
        <x-pages :of="$messages" />
        <form class="sheet" method="post" action="{{ route('messages.returned') }}" enctype="multipart/form-data">
            @csrf
            <h2>A mail came back?</h2>
            <div class="field"><label for="m-returned">The mail, as your mail program saves it</label>
                <input id="m-returned" name="returned" type="file" accept=".eml,message/rfc822">
                @error('returned')
                    <p class="error" role="alert">{{ $message }}</p>
                @enderror
            </div>
            <button>Find which it was</button>
        </form>
    @endif
</x-layout>
