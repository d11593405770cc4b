<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Role;
use App\Models\Summary;
use App\Models\User;
use Symfony\Component\Yaml\Yaml;
use Tests\Browser\Support\SeededDatabase;
use Tests\Support\OwnDatabase;
use Tests\TestCase;

/** The demo shop loads through the same doors people use, holds every state a job can be in, and every page of it opens. */
final class DemoShopTest extends TestCase
{
    private ?OwnDatabase $own = null;

    protected function tearDown(): void
    {
        $this->own?->drop();
        parent::tearDown();
    }

    public function test_the_demo_shop(): void
    {
        // Loaded once for all tests that look at it; as it is asked of another kind of database, into that.
        $this->own = OwnDatabase::make()->use();
        OwnDatabase::isPostgres() ? $this->artisan('migrate:fresh', ['--seed' => true]) : SeededDatabase::into($this->own->name);
        $this->assertEqualsCanonicalizing(
            ['locked', 'first-start', 'find', 'confirm', 'prove', 'answer', 'part', 'collect', 'closed'],
            Summary::query()->distinct()->toBase()->pluck('waits_for')->all(),
        );
        $this->assertEqualsCanonicalizing(array_column(Role::cases(), 'value'), User::query()->distinct()->toBase()->pluck('role')->all());
        $this->actingAs(User::query()->where('email', 'maud')->firstOrFail());
        // Of the jobs of earlier years, which are made by the hundred, the latest stands for all.
        $told = array_column(Yaml::parseFile(database_path('seeders/demo-jobs.yaml'))['jobs'], 'tag');
        $shown = Job::query()
            ->whereNotNull('arrived_at')
            ->where(fn ($job) => $job->whereIn('tag', [...$told, 'E6-253'])->orWhereNotNull('own'))
            ->pluck('tag')
            ->push(JobFacts::query()->orderByDesc('closed_at')->value('tag'));
        $this->assertGreaterThan(count($told) + 3, $shown->count());
        $all = getenv('EVERY_COURSE') !== false;
        foreach ($shown->values() as $i => $tag) {
            $this->get("/jobs/{$tag}")->assertOk();
            // What takes long to work out or to print is opened of one job in three, each kind of page of other ones.
            foreach (['tag', 'close', 'letter', 'case.json', 'decide', 'prove', 'letter.pdf'] as $k => $page) {
                if ($all || ($i + $k) % 3 === 0) {
                    $this->get("/jobs/{$tag}/{$page}")->assertOk();
                }
            }
        }
        foreach (Job::query()->whereNull('arrived_at')->pluck('tag') as $tag) {
            $this->get("/calls/{$tag}")->assertOk();
        }
        $this->get('/')
            ->assertOk()
            ->assertSeeInOrder([
                'Locked',
                'First start',
                'Find it',
                'Confirm',
                'Waits for the owner',
                'Waits for a part',
                'Prove',
                'To be collected',
                'Handed back',
            ]);
        $pages = [
            '/orders',
            '/own',
            '/messages',
            '/comebacks',
            '/jobs/E6-253/comeback',
            '/claims/1',
            '/patterns',
            '/how-well',
            '/diary',
        ];
        foreach ($pages as $path) {
            $this->get($path)->assertOk();
        }
        $this->get('/jobs/'.Job::query()->whereNotNull('own')->value('tag').'/own')
            ->assertOk()
            ->assertSee('Cost share');
        $this->get('/shelf')->assertOk()->assertSee('lent to');
        $this->assertSame(0, Job::query()->where('created_at', '>', now()->addMinute())->count());
    }
}
