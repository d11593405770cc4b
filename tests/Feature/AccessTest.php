<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route as RouteAlias;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Who may go where. */
final class AccessTest extends TestCase
{
    use RefreshDatabase;

    /** @return iterable<string, array{string, string, array{guest: int, counter: int, technician: int, lead: int}}> */
    public static function doors(): iterable
    {
        $all = ['guest' => 302, 'counter' => 200, 'technician' => 200, 'lead' => 200];
        $bench = ['guest' => 302, 'counter' => 403, 'technician' => 200, 'lead' => 200];
        yield 'floor' => ['get', '/', $all];
        yield 'find' => ['get', '/find?q=nobody', $all];
        yield 'counter' => ['get', '/counter', $all];
        yield 'what the counter asks' => ['get', '/counter/asks', $all];
        yield 'half taken' => ['post', '/counter/aside', ['guest' => 302, 'counter' => 302, 'technician' => 302, 'lead' => 302]];
        yield 'tags of several' => ['get', '/tags/none', ['guest' => 302, 'counter' => 404, 'technician' => 404, 'lead' => 404]];
        $lead = ['guest' => 302, 'counter' => 403, 'technician' => 403, 'lead' => 200];
        yield 'the shop' => ['get', '/shop', $lead];
        yield 'the shop set' => ['post', '/shop', ['lead' => 302] + $lead];
        yield 'people' => ['get', '/people', $lead];
        foreach (
            [
                'numbers' => '/shop/numbers', 'texts' => '/shop/texts', 'suppliers' => '/shop/suppliers', 'books' => '/shop/books',
                'invoices for the bookkeeper' => '/shop/books/invoices.csv', 'payments for the bookkeeper' => '/shop/books/payments.csv',
                'bringing in' => '/shop/bring-in', 'owners that may be one' => '/shop/owners', 'keeping' => '/shop/keeping',
            ] as $page => $path
        ) {
            yield $page => ['get', $path, $lead];
        }
        foreach (
            [
                '/shop/numbers/work', '/shop/texts', '/shop/suppliers', '/shop/bring-in', '/shop/owners', '/shop/keeping',
            ] as $path
        ) {
            yield "posted to {$path}" => ['post', $path, ['lead' => 302] + $lead];
        }
        yield 'somebody\'s deeds' => ['get', '/people/{person}', $lead];
        yield 'a code read out' => ['post', '/people/{person}/code', ['lead' => 302] + $lead];
        yield 'a badge made' => ['post', '/people/{person}/badge', $lead];
        yield 'you' => ['get', '/you', $all];
        $allPost = ['guest' => 302, 'counter' => 302, 'technician' => 302, 'lead' => 302];
        foreach (['password', 'mail', 'pin', 'second', 'second/confirm'] as $what) {
            yield "your {$what}" => ['post', "/you/{$what}", $allPost];
        }
        yield 'a computer at a bench' => ['post', '/bench-computer', ['counter' => 403] + $allPost];
        yield 'day sheet' => ['get', '/day-sheet', $all];
        yield 'not fetched' => ['get', '/uncollected', $all];
        yield 'a dated notice' => ['post', '/uncollected/{job}', $allPost];
        yield 'a payment' => ['post', '/jobs/{job}/paid', $allPost];
        yield 'an invoice issued' => ['post', '/jobs/{job}/invoice', $allPost];
        yield 'an invoice' => ['get', '/invoices/none', ['guest' => 302, 'counter' => 404, 'technician' => 404, 'lead' => 404]];
        yield 'an order by hand' => ['post', '/orders/by-hand', ['counter' => 403] + $allPost];
        yield 'an order by hand for a job' => ['post', '/jobs/{job}/orders/by-hand', ['counter' => 403] + $allPost];
        yield 'a mail that came back' => ['post', '/messages/returned', $allPost];
        yield 'somebody invited' => ['post', '/people', ['lead' => 302] + $lead];
        yield 'the wall' => ['get', '/wall', $all];
        yield 'the wall over a bench' => ['get', '/wall/1', $bench];
        yield 'the tour taken' => ['post', '/tour', ['guest' => 302, 'counter' => 403, 'technician' => 204, 'lead' => 204]];
        yield 'a first job' => ['post', '/first-job', ['guest' => 302, 'counter' => 403, 'technician' => 404, 'lead' => 404]];
        yield 'tag' => ['get', '/jobs/{job}/tag', $all];
        yield 'letter' => ['get', '/jobs/{job}/letter', $all];
        yield 'calls' => ['get', '/calls', $all];
        yield 'photographs' => ['get', '/jobs/{job}/photos', $all];
        yield 'receipt' => ['get', '/jobs/{job}/receipt', $all];
        yield 'what is kept of an owner' => [
            'get',
            '/jobs/{job}/owner/archive.zip',
            ['guest' => 302, 'counter' => 403, 'technician' => 403, 'lead' => 200],
        ];
        yield 'an owner erased' => [
            'post',
            '/jobs/{job}/owner/erase',
            ['guest' => 302, 'counter' => 403, 'technician' => 403, 'lead' => 302],
        ];
        yield 'job' => ['get', '/jobs/{job}', ['counter' => 302] + $bench];
        yield 'where it stands' => ['get', '/jobs/{job}/stand', ['guest' => 302, 'counter' => 200, 'technician' => 200, 'lead' => 200]];
        yield 'rang them' => ['post', '/jobs/{job}/rang', ['guest' => 302, 'counter' => 302, 'technician' => 302, 'lead' => 302]];
        yield 'told later' => ['post', '/jobs/{job}/stand', ['guest' => 302, 'counter' => 302, 'technician' => 302, 'lead' => 302]];
        yield 'park' => ['post', '/jobs/{job}/park', ['guest' => 302, 'counter' => 403, 'technician' => 302, 'lead' => 302]];
        yield 'news' => ['get', '/jobs/{job}/news', $bench];
        yield 'supply sizing' => ['get', '/jobs/{job}/supply', $bench];
        yield 'case file' => ['get', '/jobs/{job}/case.json', $bench];
        yield 'closing' => ['get', '/jobs/{job}/close', $bench];
        yield 'shelf' => ['get', '/shelf', $bench];
        yield 'deciding' => ['get', '/jobs/{job}/decide', $bench];
        yield 'proving' => ['get', '/jobs/{job}/prove', $bench];
        yield 'result cards' => ['get', '/result-cards', $bench];
        yield 'a scanned result' => ['post', '/jobs/{job}/results', ['guest' => 302, 'counter' => 403, 'technician' => 302, 'lead' => 302]];
        yield 'orders' => ['get', '/orders', $bench];
        yield 'own machines' => ['get', '/own', $bench];
        yield 'comebacks' => ['get', '/comebacks', $bench];
        yield 'practice' => ['get', '/practice', $bench];
        yield 'a practice machine taken' => ['post', '/practice', ['counter' => 403] + $allPost];
        yield 'a lesson' => ['get', '/practice/lessons/power', $bench];
        yield 'a practice machine' => ['get', '/practice/1', ['guest' => 302, 'counter' => 404, 'technician' => 404, 'lead' => 404]];
        yield 'how far everybody is' => ['get', '/practice/people', $lead];
        yield 'practice cases' => ['get', '/practice/cases', $lead];
        yield 'a practice case made' => ['post', '/practice/cases', ['lead' => 302] + $lead];
        yield 'a practice case of a job' => ['post', '/jobs/{job}/practice', ['lead' => 302] + $lead];
        yield 'your guesses' => ['get', '/practice/guesses', $bench];
        yield 'asking for guesses' => ['post', '/practice/guesses', ['counter' => 403] + $allPost];
        yield 'a guess on a job' => ['get', '/jobs/{job}/guess', ['technician' => 302, 'lead' => 302] + $bench];
        yield 'a guess noted' => ['post', '/jobs/{job}/guess', ['counter' => 403] + $allPost];
        yield 'patterns' => ['get', '/patterns', $bench];
        yield 'how well' => ['get', '/how-well', $bench];
        yield 'a claim' => ['get', '/jobs/{job}/claim', $bench];
        yield 'diary' => ['get', '/diary', $all];
        yield 'a shift' => ['post', '/shifts', ['guest' => 302, 'counter' => 302, 'technician' => 302, 'lead' => 302]];
        yield 'a bulletin' => ['post', '/bulletins', ['guest' => 302, 'counter' => 403, 'technician' => 403, 'lead' => 302]];
        yield 'learning' => ['post', '/lessons', ['guest' => 302, 'counter' => 403, 'technician' => 403, 'lead' => 302]];
        yield 'buying machines' => ['post', '/own', ['guest' => 302, 'counter' => 403, 'technician' => 403, 'lead' => 302]];
        yield 'messages' => ['get', '/messages', $all];
        yield 'letter as a file' => ['get', '/jobs/{job}/letter.pdf', $all];
        yield 'an entry' => ['post', '/jobs/{job}/entries', ['guest' => 302, 'counter' => 403, 'technician' => 302, 'lead' => 302]];
        yield 'setting a lock aside' => [
            'post-override',
            '/jobs/{job}/entries',
            ['guest' => 302, 'counter' => 403, 'technician' => 403, 'lead' => 302],
        ];
        yield 'a closing as an entry' => [
            'post-closing',
            '/jobs/{job}/entries',
            ['guest' => 302, 'counter' => 403, 'technician' => 403, 'lead' => 403],
        ];
    }

    /** @param  array{guest: int, counter: int, technician: int, lead: int}  $expected */
    #[DataProvider('doors')]
    public function test_each_door_opens_for_its_roles(string $how, string $path, array $expected): void
    {
        $path = $this->real($path);
        $body = [
            'entry' => match ($how) {
                'post-override' => ['kind' => 'override', 'lock' => 'liquid', 'text' => 'seen'],
                'post-closing' => ['kind' => 'closing', 'price' => 1],
                default => ['kind' => 'note', 'text' => 'hello'],
            },
        ];
        $try = fn () => $how === 'get' ? $this->get($path) : $this->post($path, $body);
        $try()->assertStatus($expected['guest'])->assertRedirect('/login');
        foreach (Role::cases() as $role) {
            $this->actingAs($this->person($role));
            $try()->assertStatus($expected[$role->value]);
        }
    }

    /** The path with a job and a person of this test, where it names them. */
    private function real(string $path): string
    {
        $path = str_contains($path, '{job}') ? str_replace('{job}', $this->job()->tag, $path) : $path;

        return str_contains($path, '{person}') ? str_replace('{person}', (string) $this->person(Role::Counter)->id, $path) : $path;
    }

    public function test_every_route_but_log_in_letter_and_health_asks_who_you_are(): void
    {
        $open = array_filter(
            Route::getRoutes()->getRoutes(),
            fn (RouteAlias $route): bool => ! in_array('auth', $route->gatherMiddleware(), true),
        );
        $uris = array_values(array_unique(array_map(fn (RouteAlias $route): string => $route->uri(), $open)));
        sort($uris);
        $this->assertSame(
            [
                // Nobody's hands are at a bench yet: opens nothing but the question whose they are, by PIN, badge or password.
                'bench-computer/end',
                'diary.ics',
                'forgotten',
                'forgotten/code',
                'hands',
                'hands/leave',
                'letter/{token}',
                'letter/{token}/letter.pdf',
                'letter/{token}/what-happened',
                'login',
                'login/code',
                'quote/{token}',
                // There until somebody has answered it, and never again.
                'set-up',
                // The picture on letters, which owners read without an account.
                'shop/logo.png',
                'up',
                // Opens once, for whoever was given it.
                'way-in/{token}',
            ],
            array_values(array_filter($uris, fn (string $uri): bool => ! str_starts_with($uri, 'storage/'))),
        );
    }

    public function test_logging_in_and_out(): void
    {
        $person = $this->person(Role::Technician);
        $this->post('/login', ['email' => $person->email, 'password' => 'wrong'])->assertSessionHasErrors('email');
        $this->assertGuest();
        $this->post('/login', ['email' => $person->email, 'password' => 'lantern'])->assertRedirect('/');
        $this->assertAuthenticatedAs($person);
        $this->assertNotSame('lantern', $person->fresh()?->getAuthPassword());
        $this->post('/logout')->assertRedirect('/login');
        $this->assertGuest();
    }

    public function test_guessing_passwords_is_slowed_down(): void
    {
        $person = $this->person(Role::Lead);
        for ($i = 0; $i < 6; $i++) {
            $this->post('/login', ['email' => $person->email, 'password' => "guess {$i}"])->assertStatus(302);
        }
        $this->post('/login', ['email' => $person->email, 'password' => 'lantern'])->assertStatus(429);
    }

    public function test_an_empty_log_in_says_what_to_type(): void
    {
        $this->person(Role::Technician);
        $this->post('/login', [])->assertSessionHasErrors(['email' => 'Type your log-in name.', 'password' => 'Type your password.']);
    }

    public function test_pages_take_nothing_from_elsewhere(): void
    {
        $policy = $this->get('/login')->headers->get('Content-Security-Policy');
        $this->assertStringContainsString("default-src 'self'", (string) $policy);
        $this->assertStringNotContainsString('unsafe', (string) $policy);
    }

    public function test_several_values_in_an_address_that_takes_one_are_refused_in_a_sentence(): void
    {
        $this->actingAs($this->person(Role::Lead));
        foreach (['/find?q[]=heron', '/calls?q[a]=b', '/shelf?kind[]=card'] as $address) {
            $this->get($address)->assertStatus(400)->assertSee('takes one value')->assertSee('Nothing was changed');
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function several(): iterable
    {
        yield 'lending' => ['/jobs/{job}/loans', ['tag' => ['G-04'], 'other' => 'kept'], 'tag'];
        yield 'closing' => ['/jobs/{job}/close', ['price' => ['1'], 'other' => 'kept'], 'price'];
        yield 'logging in' => ['/login', ['email' => ['maud'], 'other' => 'kept'], 'email'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('several')]
    public function test_several_values_in_a_form_where_one_is_taken_are_told_at_the_field_and_the_rest_is_kept(
        string $path,
        array $body,
        string $field,
    ): void {
        $path = $this->real($path);
        $path === '/login' || $this->actingAs($this->person(Role::Lead));
        $this->from('/shelf')
            ->post($path, $body)
            ->assertRedirect('/shelf')
            ->assertSessionHasErrors([$field => "The field “{$field}” takes one value."]);
        $this->assertSame(['other' => 'kept'], session()->getOldInput());
    }
}
