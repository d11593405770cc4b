<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use App\Models\Summary;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** The demo shop loads through the same doors people use, holds every state a job can be in, and every page of it opens. */
final class DemoShopTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_demo_shop(): void
    {
        $this->seed(DatabaseSeeder::class);
        $this->assertEqualsCanonicalizing(
            ['locked', 'first-start', 'find', 'confirm', 'repair', 'prove', 'closed'],
            Summary::query()->distinct()->pluck('waits_for')->all(),
        );
        $this->assertEqualsCanonicalizing(array_column(Role::cases(), 'value'), User::query()->distinct()->toBase()->pluck('role')->all());
        $this->actingAs(User::query()->where('email', 'maud')->firstOrFail());
        foreach (Job::query()->whereNotNull('arrived_at')->pluck('tag') as $tag) {
            foreach (["/jobs/{$tag}", "/jobs/{$tag}/tag", "/jobs/{$tag}/close", "/jobs/{$tag}/letter", "/jobs/{$tag}/case.json"] as $path) {
                $this->get($path)->assertOk();
            }
        }
        foreach (Job::query()->whereNull('arrived_at')->pluck('tag') as $tag) {
            $this->get("/calls/{$tag}")->assertOk();
        }
        $this->get('/')->assertOk()->assertSeeInOrder(['Locked', 'First start', 'Find it', 'Confirm', 'Repair', 'Prove', 'Handed back']);
        $this->get('/shelf')->assertOk()->assertSee('lent to');
        $this->assertSame(0, Job::query()->where('created_at', '>', now()->addMinute())->count());
    }
}
