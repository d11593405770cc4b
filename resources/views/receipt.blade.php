<x-layout :title="'Receipt ' . $job->tag" nav="counter">
    <div class="head noprint">
        <h1>Receipt</h1>
        <p>Print it, let it be signed, keep one.</p><button class="main" type="button" x-data="printer"
            x-on:click="print">Print</button><a class="button" href="{{ route('jobs.tag', $job) }}">Tag</a>
    </div>
    <article class="letter">
        <header>
            <x-letterhead />
            <div><span class="tag">{{ $job->tag }}</span><br>{{ shop()->date($job->arrived_at, time: true) }}
            </div>
        </header>
        <h1>We have taken in</h1>
        <p><b>{{ $job->machine->model }}</b> of
            {{ $job->machine->owner->name }}{{ ($job->agreed['with'] ?? '') === '' ? '' : " with {$job->agreed['with']}" }}.
        </p>
        <h2>You told us</h2>
        <p>“{{ $complaint }}”</p>
        @if ($marks !== [])
            <h2>We saw at the counter</h2>
            <ul>
                @foreach ($marks as $plain)
                    <li>{{ $plain }}</li>
                @endforeach
            </ul>
        @endif
        <h2>Agreed</h2>
        <ul>
            @php
                $spending = isset($job->agreed['limit'])
                    ? 'We may spend up to ' . shop()->money()->words($job->agreed['limit']) . ' without asking.'
                    : 'We ask before we spend anything.';
            @endphp
            <li>{{ $spending }}
            </li>
            <li>{{ $job->agreed['approves'] ?? '' ?: 'The owner' }} says yes or no.</li>
            @php
                $files = $consent
                    ? 'We may work beyond the log-in screen; we do not read your files.'
                    : 'We stop at the log-in screen and do not look at your files.';
            @endphp
            <li>{{ $files }}
            </li>
            @if (($job->agreed['data'] ?? '') !== '')
                <li>{{ App\Http\Requests\TakeInRequest::DATA[$job->agreed['data']] ?? '' }}.</li>
            @endif
            @if ($job->proving() !== Orthoscope\Core\HandBack\Plan::USUAL)
                <li>We prove it {{ \App\Http\Requests\TakeInRequest::PROVING[$job->agreed['proving']] }}.</li>
            @endif
            @if ($job->next_word_at)
                <li>You hear from us by <b>{{ $job->next_word_at->format('l j F, H:i') }}</b>. This is when we ring,
                    not when it is
                    repaired.</li>
            @endif
        </ul>
        <h2>Terms</h2>
        <x-shop-text id="terms" :job="$job" />
        <x-shop-text id="data-notice" :job="$job" heading="Your data" />
        <p class="sign">Signed: ______________________________</p>
    </article>
</x-layout>
