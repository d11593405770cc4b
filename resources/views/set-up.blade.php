<x-layout title="Set up" bare>
    <form method="post" action="{{ route('set-up.store') }}" novalidate class="set-up">@csrf
        <div class="head">
            <h1>A shop of its own</h1>
            <p>Five minutes, once. All of it can be changed later on the page of the shop, and what is not known yet can
                wait.</p>
            <button class="main">Open the shop</button>
        </div>
        <x-mistakes />
        <x-shop-fields :all="false" />
        <section class="sheet">
            <h2>You, who lead it</h2>
            <div class="pair"><x-field name="person" label="Your name" autocomplete="name" />
                <x-field name="login" label="Log-in name" autocomplete="username" hint="letters, digits, . _ @ -" />
            </div>
            <x-new-password />
        </section>
    </form>
</x-layout>
