<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\JobWords;
use App\Models\Message;
use App\Models\Role;
use App\UseCases\Owners\SendMessages;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;
use ZipArchive;

/** What is kept of an owner is given to them on request, and forgotten on request. */
final class OwnersDataTest extends TestCase
{
    use RefreshDatabase;

    public function test_all_that_is_kept_is_given_out(): void
    {
        $job = $this->job(['text' => 'Black since Monday', 'reached' => 'dark']);
        $job->machine->owner->update(['email' => 'mira@example.org']);
        $this->actingAs($this->person(Role::Lead));
        $bytes = (string) $this->get("/jobs/{$job->tag}/owner/archive.zip")->assertOk()->getContent();
        $path = (string) tempnam(sys_get_temp_dir(), 'owner');
        file_put_contents($path, $bytes);
        $zip = new ZipArchive;
        $this->assertTrue($zip->open($path, ZipArchive::RDONLY));
        $owner = json_decode((string) $zip->getFromName('owner.json'), true);
        $kept = json_decode((string) $zip->getFromName("{$job->tag}/job.json"), true);
        $zip->close();
        unlink($path);
        $this->assertSame(['name' => 'Mira Vale', 'telephone' => '0555 000 111', 'mail' => 'mira@example.org'], $owner);
        $this->assertSame('Black since Monday', $kept['record'][0]['text']);
        $this->assertSame('Heron T2', $kept['machine']['model']);
        $this->assertStringContainsString($job->tag, $kept['messages'][0]['text']);
    }

    public function test_who_is_erased_is_written_to_no_more_and_their_addresses_are_shut(): void
    {
        $job = $this->job();
        $letter = route('owner.letter', $job->letter_token);
        $this->get($letter)->assertOk();
        $this->assertSame('waiting', Message::query()->where('job_id', $job->id)->value('state'));
        $this->actingAs($this->person(Role::Lead))->post("/jobs/{$job->tag}/owner/erase")->assertRedirect();
        $this->assertSame(['sent' => 0, 'failed' => 0], app(SendMessages::class)->due());
        $this->assertSame(['dropped', '', 'erased on request'], array_values(
            Message::query()->where('job_id', $job->id)->firstOrFail()->only(['state', 'to', 'text']),
        ));
        $this->post('/logout');
        $this->get($letter)->assertNotFound();
        $this->get(route('owner.letter', Job::query()->findOrFail($job->id)->letter_token))->assertNotFound();
        $this->assertCount(0, JobWords::find('mira'));
        $this->assertCount(1, $job->entries()->get(), 'The technical record stays.');
    }
}
