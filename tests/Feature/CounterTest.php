<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use App\View\CounterAsks;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Orthoscope\Core\Catalogue\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class CounterTest extends TestCase
{
    use RefreshDatabase;

    private const GOOD = [
        'name' => 'Mira Vale',
        'phone' => '+44 555 010',
        'email' => '',
        'model' => 'Heron T2',
        'picture_from' => 'card',
        'slots' => '4',
        'sticks' => '2',
        'drives' => '1',
        'memory_type' => 'ddr4',
        'complaint' => 'Black since Monday',
        'reached' => 'dark',
        'beeps' => 'memory',
        'events' => ['moved'],
        'marks' => ['parcel'],
        'facts' => ['speaker'],
    ];

    public function test_the_blank_form_asks_what_it_asked_before_and_what_the_catalogue_says_now(): void
    {
        $this->actingAs($this->person(Role::Lead));
        $asks = fn (): array => $this->get('/counter')->assertOk()->viewData('asks')->questions->all;
        $first = $asks();
        $this->assertEquals($first, $asks());
        $this->assertEquals(CounterAsks::after([], $this->app->make(Catalogue::class))->questions->all, $first);
        $this->assertNotEquals($first, CounterAsks::after(['reached' => 'dark'], $this->app->make(Catalogue::class))->questions->all);
    }

    public function test_a_machine_is_taken_in_and_stands_on_the_floor(): void
    {
        $counter = $this->person(Role::Counter);
        $this->actingAs($counter)->post('/counter', self::GOOD)->assertSessionHasNoErrors();
        $job = Job::query()
            ->with(['machine.owner', 'entries'])
            ->firstOrFail();
        $this->assertSame('Mira Vale', $job->machine->owner->name);
        $this->assertSame(['A2', 'B2'], $job->machine->made_of['memory']['sticks']);
        $this->assertSame(['memory' => 'DDR4'], $job->machine->made_of['platform']);
        $this->assertSame(
            [
                'text' => 'Black since Monday',
                'reached' => 'dark',
                'signs' => ['beeps' => 'memory'],
                'events' => ['moved'],
                'marks' => ['parcel'],
            ],
            $job->entries[0]->body,
        );
        $this->assertMatchesRegularExpression('/^[A-HJ-NP-Z][2-9]-[2-9]{3}$/', $job->tag);
        $this->get('/')->assertSee($job->tag)->assertSee('First start')->assertSee('Heron T2');
        $this->get("/jobs/{$job->tag}/tag")
            ->assertSee($job->tag)
            ->assertSee('<svg class="qr"', false);
    }

    public function test_how_often_and_when_it_fails_is_on_the_record(): void
    {
        $this->actingAs($this->person(Role::Counter))
            ->post('/counter', [...self::GOOD, 'failed' => '2', 'of' => '10', 'only' => 'cold'])
            ->assertSessionHasNoErrors();
        $job = Job::query()->firstOrFail();
        $this->assertSame(
            ['only' => 'cold', 'failed' => 2, 'of' => 10],
            array_intersect_key($job->entries[0]->body, ['failed' => 1, 'of' => 1, 'only' => 1, 'often' => 1]),
        );
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}")
            ->assertSee('2 of 10 starts, only when cold, after standing');
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'no name' => [['name' => ''], 'name', 'Type the name of the owner.'];
        yield 'no way to reach' => [['phone' => '', 'email' => ''], 'phone', 'so that we can reach the owner'];
        yield 'letters in the number' => [['phone' => 'call me'], 'phone', 'digits'];
        yield 'no mail address' => [['email' => 'mira at home'], 'email', 'name@example.org'];
        yield 'no model' => [['model' => ' '], 'model', 'own build'];
        yield 'sticks without slots' => [['slots' => '2', 'sticks' => '4'], 'sticks', 'more sticks than slots'];
        yield 'no sticks' => [['sticks' => '0'], 'sticks', 'at least one'];
        yield 'minus drives' => [['drives' => '-1'], 'drives', ''];
        yield 'no complaint' => [['complaint' => ''], 'complaint', 'own words'];
        yield 'endless complaint' => [['complaint' => str_repeat('x', 2001)], 'complaint', 'under 2000'];
        yield 'an outcome that is none' => [['reached' => 'explodes'], 'reached', ''];
        yield 'more failed than there were starts' => [['failed' => '3', 'of' => '2'], 'failed', 'such as 2 of 10'];
        yield 'half a count' => [['of' => '10'], 'failed', 'such as 2 of 10'];
        yield 'how often what does not fail' => [['reached' => 'stays', 'often' => 'sometimes'], 'often', 'starts and stays up'];
        yield 'an event that is none' => [['events' => ['aliens']], 'events.0', ''];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('mistakes')]
    public function test_a_wrong_field_is_told_and_nothing_is_lost(array $wrong, string $field, string $sentence): void
    {
        $this->actingAs($this->person(Role::Counter));
        $response = $this->from('/counter')
            ->post('/counter', [...self::GOOD, ...$wrong])
            ->assertRedirect('/counter')
            ->assertSessionHasErrors($field);
        $this->assertStringContainsString($sentence, session('errors')->first($field));
        $this->assertSame(0, Job::query()->count());
        $page = $this->followRedirects($response);
        $page->assertSee('Nothing you typed is lost.');
        if (! isset($wrong['name'])) {
            $page->assertSee('value="Mira Vale"', false);
        }
        if (! isset($wrong['complaint'])) {
            $page->assertSee('Black since Monday');
        }
    }

    public function test_what_owners_say_is_never_run(): void
    {
        $nasty = '<script>alert(1)</script>';
        $this->actingAs($this->person(Role::Lead))->post('/counter', [
            ...self::GOOD,
            'complaint' => $nasty,
            'name' => $nasty,
            'model' => $nasty,
        ]);
        $tag = Job::query()->firstOrFail()->tag;
        foreach (
            ['/', "/jobs/{$tag}", "/jobs/{$tag}/tag", "/jobs/{$tag}/letter", "/jobs/{$tag}/close", '/find?q='.urlencode($nasty)] as $path
        ) {
            $this->get($path)->assertOk()->assertDontSee($nasty, false);
        }
    }

    public function test_the_qr_code_reads_back(): void
    {
        $job = $this->job();
        $svg = (string) $this->actingAs($this->person(Role::Counter))
            ->get("/jobs/{$job->tag}/tag")
            ->getContent();
        $this->assertSame(1, preg_match('/class="qr" viewBox="0 0 (\d+) .*?<path d="([^"]+)"/s', $svg, $found));
        [, $size, $path] = $found;
        $scale = 6;
        $image = imagecreatetruecolor((int) $size * $scale, (int) $size * $scale);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 255, 255, 255));
        preg_match_all('/M(\d+) (\d+)h1v1h-1z/', $path, $dots, PREG_SET_ORDER);
        foreach ($dots as [, $x, $y]) {
            imagefilledrectangle($image, (int) $x * $scale, (int) $y * $scale, ((int) $x + 1) * $scale - 1, ((int) $y + 1) * $scale - 1, 0);
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'qr');
        imagepng($image, $file);
        $read = trim((string) shell_exec('zbarimg -q --raw '.escapeshellarg($file).' 2>/dev/null'));
        unlink($file);
        $this->assertSame(route('jobs.show', $job), $read, 'read back by an independent decoder');
    }
}
