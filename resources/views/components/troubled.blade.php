{{-- Words that have not reached the owner: why, and what can be done. --}}
@props(['messages'])
@foreach ($messages->whereIn('state', App\Models\Message::TROUBLED) as $message)
    <details class="notice">
        <summary><b>The owner has not had this:</b> {{ $message->subject }}, <span
                class="danger">{{ App\Models\Message::STATES[$message->state] }}</span></summary>
        @if ($message->error !== '')
            <p>{{ ucfirst($message->error) }}.</p>
        @endif
        <p>To {{ $message->to }}</p>
        <pre class="mail">{{ $message->text }}</pre>
        @if (in_array($message->state, ['by-hand', 'given-up', 'bounced'], true))
            <form method="post" action="{{ route('messages.said', $message) }}">@csrf<button>I said or sent it</button>
            </form>
        @endif
        @if ($message->state !== 'by-hand')
            <form method="post" action="{{ route('messages.again', $message) }}">@csrf<button class="quiet">try it again
                    now</button></form>
        @endif
    </details>
@endforeach
