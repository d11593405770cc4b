<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BringIn;
use App\Models\Call;
use App\Models\Job;
use App\Models\KeepingRun;
use App\Models\Message;
use App\Models\Photo;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Owners\EraseOwner;
use App\UseCases\Owners\LetGo;
use App\UseCases\Owners\WriteToOwner;
use App\UseCases\Shop\KeepPhoto;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Storage;
use Orthoscope\Core\Imports\SheetKind;
use Tests\TestCase;

/** What the shop keeps of people goes by its own rule, by night, and is written down; the record of machines stays. */
final class KeepingTest extends TestCase
{
    use RefreshDatabase;

    private User $lead;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->lead = $this->person(Role::Lead);
    }

    private function fetched(int $warranty = 0): Job
    {
        $job = $this->job();
        app(RecordEntries::class)->record($job, $this->lead, [
            ['kind' => 'start', 'reached' => 'stays'],
            ['kind' => 'closing', 'price' => 0, 'warranty_months' => $warranty, 'signed_off' => 'seen to run'],
        ]);
        app(RecordEntries::class)->record($job, $this->lead, [['kind' => 'collection', 'method' => 'none', 'amount' => 0]]);

        return $job->refresh();
    }

    private function message(Job $job): Message
    {
        app(WriteToOwner::class)->of($job, 'received');
        $message = Message::query()->where('job_id', $job->id)->firstOrFail();
        $message->update(['state' => 'sent', 'sent_at' => now()]);

        return $message;
    }

    private function photo(Job $job): Photo
    {
        Storage::put(KeepPhoto::path('abc'), 'x');
        Storage::put(KeepPhoto::path('abc', small: true), 'x');

        return Photo::query()->create([
            'job_id' => $job->id, 'file' => 'abc', 'user_id' => $this->lead->id, 'place' => 'front', 'x' => 1, 'y' => 1, 'words' => '',
        ]);
    }

    public function test_nothing_goes_until_the_lead_says_so(): void
    {
        $job = $this->fetched();
        $message = $this->message($job);
        $this->travel(10)->years();
        $this->assertSame([], LetGo::tonight()->counts);
        $this->assertNotSame('', $message->refresh()->to);
        $this->assertSame('Mira Vale', $job->machine->owner->refresh()->name);
    }

    public function test_each_kind_goes_by_its_own_months(): void
    {
        $job = $this->fetched();
        $here = $this->job();
        [$message, $photo] = [$this->message($job), $this->photo($job)];
        shop()->set(['keepMessages' => 6, 'keepPhotos' => 12, 'keepOwners' => 24], $this->lead);
        $this->travel(7)->months();
        $this->assertSame(['keepMessages' => 1], LetGo::tonight()->counts);
        $this->assertSame(['', 'let go by rule'], [$message->refresh()->to, $message->text]);
        $this->travel(6)->months();
        $this->assertSame(['keepPhotos' => 1], LetGo::tonight()->counts);
        $this->assertNull(Photo::query()->find($photo->id));
        $this->assertSame([], Storage::allFiles());
        $this->travel(12)->months();
        $this->assertSame(['keepOwners' => 1], LetGo::tonight()->counts);
        $this->assertSame(EraseOwner::ERASED, $job->machine->owner->refresh()->name);
        // Whose machine is still here is known.
        $this->assertSame('Mira Vale', $here->machine->owner->refresh()->name);
        $this->assertSame(4, $job->entries()->count());
        $this->assertSame([], LetGo::tonight()->counts);
    }

    public function test_who_only_called_is_let_go_and_what_was_begun_is_dropped(): void
    {
        $job = $this->job();
        $job->forceFill(['arrived_at' => null])->save();
        Call::query()->create(['job_id' => $job->id, 'state' => Call::ENDED]);
        Storage::disk('local')->put('bring-in/a.csv', 'name');
        BringIn::query()->create(['kind' => SheetKind::Owners, 'name' => 'a', 'file' => 'a.csv', 'user_id' => $this->lead->id]);
        shop()->set(['keepCalls' => 3], $this->lead);
        $this->travel(4)->months();
        $this->assertSame(['keepCalls' => 1], LetGo::waiting() === [] ? [] : array_filter(LetGo::waiting()));
        $this->assertSame(['keepCalls' => 1, 'halfDone' => 1], LetGo::tonight()->counts);
        $this->assertSame(EraseOwner::ERASED, $job->machine->owner->refresh()->name);
        $this->assertSame([], Storage::disk('local')->allFiles());
    }

    public function test_an_owners_address_ends_by_the_shops_rule(): void
    {
        $opens = fn (Job $job): bool => Job::byLetterToken($job->letter_token) !== null;
        $job = $this->fetched();
        $this->travel(6 * 30)->days();
        $this->assertTrue($opens($job));
        $this->travel(6)->days();
        $this->assertFalse($opens($job));

        shop()->set(['addressMonths' => 24], $this->lead);
        $long = $this->fetched();
        $this->travel(23)->months();
        $this->assertTrue($opens($long));

        // The warranty is read in the letter: the address lives as long.
        shop()->set(['addressMonths' => 1], $this->lead);
        $promised = $this->fetched(warranty: 12);
        $this->travel(11)->months();
        $this->assertTrue($opens($promised));
        $this->travel(2)->months();
        $this->assertFalse($opens($promised));

        shop()->set(['addressMonths' => 0], $this->lead);
        $this->assertFalse($opens($this->fetched()));
        $this->assertTrue($opens($this->job()));
        $this->actingAs($this->lead)->get("/jobs/{$job->tag}/letter")->assertOk()->assertSee('no more: it ended on');
    }

    public function test_it_is_done_once_a_night_by_the_shops_clock(): void
    {
        $this->artisan('shop:work', ['--once' => true])->assertSuccessful();
        $this->artisan('shop:work', ['--once' => true])->assertSuccessful();
        $this->assertSame(1, KeepingRun::query()->count());
        $this->travel(1)->days();
        $this->artisan('shop:work', ['--once' => true])->assertSuccessful();
        $this->assertSame(2, KeepingRun::query()->count());
    }

    public function test_the_page_says_what_goes_before_it_goes(): void
    {
        $this->message($this->fetched());
        $this->travel(7)->months();
        $months = ['keepMessages' => '6', 'keepPhotos' => '0', 'keepCalls' => '0', 'keepOwners' => '0', 'addressMonths' => '6'];
        $this->actingAs($this->lead)->post('/shop/keeping', ['keepMessages' => 'long'] + $months)->assertSessionHasErrors('keepMessages');
        $this->get('/shop/keeping')->assertSee('value="long"', false);
        $this->post('/shop/keeping', $months)->assertSessionHas('status', 'Kept. Tonight 1 are let go by it; this cannot be taken back. '
            .'Type other months if that is not meant.');
        $this->get('/shop/keeping')->assertOk()->assertSee('No night has passed yet');
        LetGo::tonight();
        $this->get('/shop/keeping')->assertSee('1 × words that were sent to owners');
    }
}
