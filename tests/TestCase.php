<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Job;
use App\Models\Role;
use App\Models\Spare;
use App\Models\User;
use App\UseCases\Advice\Reckoner;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Jobs\TakeInMachine;
use App\UseCases\Parts\SpareBook;
use App\UseCases\Shop\CoreVersion;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Testing\TestResponse;
use Orthoscope\Core\Catalogue\Catalogue;
use Tests\Support\RememberingReckoner;
use Tests\Support\TestClock;

abstract class TestCase extends BaseTestCase
{
    protected function setUp(): void
    {
        TestClock::start();
        parent::setUp();
        // The files of the catalogue are read once for all tests, as a shop reads them once until one changes.
        Cache::forever('catalogue.'.app(CoreVersion::class)->word(), Catalogue::shipped()->files());
        $this->app->bind(Reckoner::class, RememberingReckoner::class);
    }

    /**
     * A page as a browser shows it: white space between words is one space, however the page's source is broken into lines.
     *
     * @param  \Illuminate\Http\Response  $response
     * @param  \Illuminate\Http\Request  $request
     *
     * @return TestResponse<\Illuminate\Http\Response>
     */
    protected function createTestResponse($response, $request): TestResponse
    {
        $type = (string) $response->headers->get('Content-Type');
        $content = $response->getContent();
        if (is_string($content) && str_starts_with($type, 'text/html')) {
            $original = $response->getOriginalContent();
            $response->setContent((string) preg_replace(['/\s+/', '/(<[a-z][^>]*>) (?=\S)/', '/ (?=<\/)/'], [' ', '$1', ''], $content));
            $response->original = $original;
        }

        return parent::createTestResponse($response, $request);
    }

    protected function person(Role $role): User
    {
        return User::query()->create([
            'name' => "A {$role->value}",
            'email' => $role->value.uniqid(),
            'password' => 'lantern',
            'role' => $role,
        ]);
    }

    /**
     * @param  array<string, mixed>  $report
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $machine what is otherwise than on a usual one
     */
    protected function job(array $report = ['text' => 'It is dead', 'reached' => 'nothing'], array $entries = [], array $machine = []): Job
    {
        $job = app(TakeInMachine::class)->takeIn(
            $this->person(Role::Counter),
            ['name' => 'Mira Vale', 'phone' => '0555 000 111', 'email' => ''],
            $machine + [
                'model' => 'Heron T2',
                'card' => true,
                'drives' => 1,
                'memory' => ['slots' => ['A2', 'B2'], 'sticks' => ['A2', 'B2']],
                'facts' => ['status_lamps' => true],
            ],
            [['kind' => 'report', ...$report]],
        );
        foreach ($entries as $entry) {
            foreach ($entry['setup']['lent'] ?? [] as $part => $loan) {
                Spare::query()->where('tag', $loan['tag'])->exists() || $this->spare($loan['tag'], $part);
            }
        }
        if ($entries !== []) {
            app(RecordEntries::class)->record($job, $this->person(Role::Technician), $entries);
        }

        return $job;
    }

    /** The address of the calendar feed, as the diary shows it to who is logged in. */
    protected function feed(): string
    {
        $found = preg_match('~href="([^"]+diary\.ics[^"]+)"~', (string) $this->get('/diary')->getContent(), $link);

        return $found === 1 ? html_entity_decode($link[1]) : '';
    }

    protected function spare(string $tag, string $kind): Spare
    {
        return Spare::query()->create([
            'tag' => $tag,
            'kind' => $kind,
            'name' => "Spare {$tag}",
            'trust' => 0.97,
            'value' => 3000,
            'fits' => [],
            'place' => 'A1',
        ]);
    }

    /** A spare that may stay in a machine: proved, with a better one beside it that others are proved by. */
    protected function ware(Spare $spare): Spare
    {
        app(SpareBook::class)->prove($spare, 'long', true, 'passed', null);
        $this->spare("{$spare->tag}-B", $spare->kind)->update(['trust' => 1.0]);

        return $spare->refresh();
    }
}
