@props(['title', 'nav' => null, 'bare' => false, 'inPlace' => false])
<!doctype html>
<html lang="en" data-bs-theme="{{ request()->cookie('theme') === 'dark' ? 'dark' : 'light' }}">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="server-now" content="{{ now()->getTimestamp() }}">
    <meta name="who" content="{{ auth()->id() }}">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    @if ($errors->any())
        <meta name="refused" content="{{ $errors->first() }}">
    @endif
    <title>{{ $title }} · Orthoscope</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>

<body>
    <a class="skip" href="#main">Skip to the page</a>
    <x-marks />
    @unless ($bare)
        <header class="bar" x-data="bar" x-on:keydown.window="key">
            <a class="brand" href="{{ route('floor') }}">orthoscope</a>
            @auth
                <form class="find" action="{{ route('find') }}" role="search" aria-label="Everything">
                    <label class="visually-hidden" for="find">Find or scan a tag</label>
                    <input id="find" name="q" type="search" placeholder="Find or scan a tag" autocomplete="off"
                        x-ref="find" value="{{ request()->routeIs('find') && is_string(request('q')) ? request('q') : '' }}">
                    <kbd aria-hidden="true">/</kbd>
                </form>
                <nav aria-label="Places">
                    <a href="{{ route('floor') }}" @if ($nav === 'floor') aria-current="page" @endif>Floor</a>
                    <a href="{{ route('intake.create') }}"
                        @if ($nav === 'counter') aria-current="page" @endif>Counter</a>
                    @can('work-at-bench')
                        @if ($nav === 'job')
                            <a href="#main" aria-current="page">Job</a>
                        @endif
                        <a href="{{ route('shelf') }}" @if ($nav === 'shelf') aria-current="page" @endif>Shelf</a>
                        <a href="{{ route('comebacks') }}"
                            @if ($nav === 'comebacks') aria-current="page" @endif>Comebacks</a>
                        <a href="{{ route('patterns') }}" @if ($nav === 'patterns') aria-current="page" @endif>Patterns</a>
                    @endcan
                    <a href="{{ route('book') }}" @if (in_array($nav, ['book', 'codes'], true)) aria-current="page" @endif>Book</a>
                    @can('work-at-bench')
                        <a href="{{ route('practice') }}" @if ($nav === 'practice') aria-current="page" @endif>Practice</a>
                    @endcan
                    @can('lead')
                        <a href="{{ route('shop') }}" @if ($nav === 'shop') aria-current="page" @endif>Shop</a>
                    @endcan
                </nav>
                <div class="who">
                    @if ($atBench = session(App\Http\Middleware\AskWhoseHands::BENCH))
                        <form method="post" action="{{ route('hands.leave') }}" id="leave-hands"
                            data-minutes="{{ shop()->handsMinutes }}">@csrf<button class="quiet">other hands</button></form>
                        <span>bench {{ $atBench }}</span>
                    @endif
                    <a href="{{ route('you') }}">{{ auth()->user()->name }}, {{ auth()->user()->role->value }}</a>
                    <form method="post" action="{{ route('theme') }}">@csrf
                        <input type="hidden" name="theme"
                            value="{{ request()->cookie('theme') === 'dark' ? 'light' : 'dark' }}">
                        <button class="quiet">{{ request()->cookie('theme') === 'dark' ? 'light' : 'dark' }}</button>
                    </form>
                    <form method="post" action="{{ route('logout') }}">@csrf<button class="quiet">log out</button></form>
                </div>
            @endauth
        </header>
    @endunless
    <p class="visually-hidden" role="status" data-said></p>
    @can('work-at-bench')
        <div class="notice unsent" data-unsent role="status" hidden><span></span> <button type="button" data-try>Try
                now</button> <button type="button" class="quiet" data-drop>discard</button>
            <ul></ul>
        </div>
    @endcan
    <main id="main" tabindex="-1" @if ($inPlace) data-in-place @endif>
        @error('refused')
            <p class="error" role="alert">{{ $message }}</p>
        @enderror
        @if (session('status'))
            <p class="status" role="status">{{ session('status') }}</p>
        @endif
        {{ $slot }}
    </main>
    {{ $after ?? '' }}
</body>

</html>
