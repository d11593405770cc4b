<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\EndedSessionsStayEnded;
use App\Models\Pin;
use App\Models\Role;
use Closure;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\SessionManager;
use Illuminate\Session\Store;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response as Answer;
use Tests\TestCase;

/** Two requests of one browser at once: the slow one answers when its person has left. */
final class EndedSessionsTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $folder = sys_get_temp_dir().'/orthoscope-'.bin2hex(random_bytes(6));
        mkdir($folder, 0700);
        $this->beforeApplicationDestroyed(fn () => $this->app->make('files')->deleteDirectory($folder));
        config(['session.files' => $folder]);
    }

    /** @return array<string, array{string}> */
    public static function stores(): array
    {
        return ['files' => ['file'], 'files replaced whole' => ['steady'], 'the database' => ['database']];
    }

    #[DataProvider('stores')]
    public function test_a_slow_answer_brings_nobody_back_who_logged_out_meanwhile(string $store): void
    {
        $before = $this->kept($store, ['who' => 'first']);
        $answer = $this->ask($store, $before, function (Request $request) use ($store, $before): Response {
            $request->session()->put('read', 'much');
            $other = $this->browser($store, $before);
            $other->start();
            $other->invalidate();
            $other->save();

            return new Response('late');
        });
        $this->assertSame('late', $answer->getContent());
        $this->assertSame([], $this->cookies($answer), 'The browser keeps the session of who is in now.');
        $this->assertSame('', $this->browser($store, $before)->getHandler()->read($before), 'What was ended is not in store again.');
    }

    #[DataProvider('stores')]
    public function test_a_session_that_goes_on_a_new_one_and_one_that_this_request_ends_are_kept(string $store): void
    {
        $before = $this->kept($store, ['who' => 'first']);
        $put = function (Request $request): Response {
            $request->session()->put('read', 'much');

            return new Response;
        };
        $answer = $this->ask($store, $before, $put);
        $this->assertSame([$before], $this->cookies($answer));
        $this->assertSame(['first', 'much'], $this->inStore($store, $before, 'who', 'read'));
        // A cookie that is older than the store remembers: a form that is filled in then must find its session.
        $old = str_repeat('a', 40);
        $this->assertSame([$old], $this->cookies($this->ask($store, $old, $put)));
        $this->assertSame(['much'], $this->inStore($store, $old, 'read'));
        $ended = $this->ask($store, $before, function (Request $request): Response {
            $request->session()->invalidate();
            $request->session()->put('said', 'good night');

            return new Response;
        });
        [$after] = $this->cookies($ended);
        $this->assertNotSame($before, $after);
        $this->assertSame([null, 'good night'], $this->inStore($store, $after, 'who', 'said'));
    }

    #[DataProvider('stores')]
    public function test_what_a_page_asks_for_beside_its_loading_begins_no_session(string $store): void
    {
        $gone = str_repeat('b', 40);
        $put = function (Request $request): Response {
            $request->session()->put('read', 'much');

            return new Response;
        };
        $this->assertSame([], $this->cookies($this->ask($store, $gone, $put, beside: true)), 'It may be that of who was here before.');
        $this->assertSame('', $this->browser($store, $gone)->getHandler()->read($gone));
        $here = $this->kept($store, ['who' => 'first']);
        $this->assertSame([$here], $this->cookies($this->ask($store, $here, $put, beside: true)));
        $this->assertSame(['first', 'much'], $this->inStore($store, $here, 'who', 'read'));
    }

    public function test_who_leaves_a_bench_leaves_another_session_behind(): void
    {
        $person = $this->person(Role::Technician);
        Pin::set($person, '4071');
        $this->actingAs($person)->post('/bench-computer', ['bench' => '2']);
        $before = session()->getId();
        $this->post('/hands/leave')->assertRedirect('/hands');
        $this->assertNotSame($before, session()->getId());
        $this->post('/hands', ['person' => $person->id, 'pin' => '4071'])->assertRedirect();
        $at = session()->getId();
        $this->travel(shop()->handsMinutes + 1)->minutes();
        $this->get('/')->assertRedirect('/hands');
        $this->assertNotSame($at, session()->getId(), 'After a pause as well.');
        $this->get('/hands')->assertSee('Bench 2: whose hands?');
    }

    /** What another request has: sessions of its own in the same store. */
    private function sessions(string $store): SessionManager
    {
        config(['session.driver' => $store]);

        return (clone $this->app->make(SessionManager::class))->forgetDrivers();
    }

    private function browser(string $store, ?string $id): Store
    {
        $session = $this->sessions($store)->driver();
        $this->assertInstanceOf(Store::class, $session);
        $session->setId($id);

        return $session;
    }

    /** @param  array<string, string>  $what */
    private function kept(string $store, array $what): string
    {
        $session = $this->browser($store, null);
        $session->start();
        $session->put($what);
        $session->save();

        return $session->getId();
    }

    /** @param  Closure(Request): Response  $do */
    private function ask(string $store, string $id, Closure $do, bool $beside = false): Answer
    {
        $manager = $this->sessions($store);
        $request = Request::create('/');
        $beside && $request->headers->set('X-Requested-With', 'XMLHttpRequest');
        $request->cookies->set($manager->driver()->getName(), $id);

        return (new EndedSessionsStayEnded($manager))->handle($request, $do);
    }

    /** @return list<?string> */
    private function cookies(Answer $answer): array
    {
        return array_map(fn (Cookie $cookie): ?string => $cookie->getValue(), $answer->headers->getCookies());
    }

    /** @return list<mixed> */
    private function inStore(string $store, string $id, string ...$names): array
    {
        $session = $this->browser($store, $id);
        $session->start();

        return array_map(fn (string $name): mixed => $session->get($name), array_values($names));
    }
}
