<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bulletin;
use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Role;
use App\Models\Spare;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Tests\TestCase;

/** Models of parts: asked at the counter, read off a photographed label, kept on the shelf, counted where a part was fitted. */
final class PartModelsTest extends TestCase
{
    use RefreshDatabase;

    private const MACHINE = [
        'name' => 'Orla Tarn', 'phone' => '0555 121 212', 'model' => 'Own build', 'picture_from' => 'card', 'slots' => '2', 'sticks' => '1',
        'drives' => '1', 'complaint' => 'Dark since Sunday',
    ];

    public function test_the_counter_writes_down_what_labels_say(): void
    {
        $this->actingAs($this->person(Role::Counter));
        $this->get(route('intake.create'))->assertSee('Models of its parts, as labels say');
        $models = ['board' => ' Kestrel B2 ', 'supply' => 'Marl 400', 'card' => ''];
        $this->post(route('intake.store'), self::MACHINE + ['parts' => $models])->assertSessionHasNoErrors();
        $platform = Job::query()->latest('id')->firstOrFail()->machine->made_of['platform'];
        $this->assertEquals(['board' => 'Kestrel B2', 'supply' => 'Marl 400'], array_intersect_key($platform, $models));
        $this->post(route('intake.store'), self::MACHINE + ['parts' => ['board' => str_repeat('x', 61)]])
            ->assertSessionHasErrors(['parts.board' => 'Keep a model under 60 letters, as its label says it.']);
        $this->post(route('intake.store'), self::MACHINE + ['parts' => 'Kestrel'])->assertSessionHasErrors('parts');
    }

    public function test_a_photographed_label_names_the_part_and_stands_on_the_record(): void
    {
        Storage::fake();
        $job = $this->job();
        $this->actingAs($this->person(Role::Counter));
        $photo = fn (): array => ['photo' => UploadedFile::fake()->image('label.jpg', 400, 300), 'place' => 'inside'];
        $this->post("/jobs/{$job->tag}/photos", $photo() + ['label_of' => 'board', 'label' => 'Kestrel B2'])->assertSessionHasNoErrors();
        $this->assertSame('Kestrel B2', $job->refresh()->machine->platformFact('board'));
        $note = $job->entries()->reorder('number', 'desc')->firstOrFail();
        $this->assertStringContainsString('Model of the board: not known → Kestrel B2', $note->body['text']);
        $this->post("/jobs/{$job->tag}/photos", $photo() + ['label' => 'Kestrel B3'])
            ->assertSessionHasErrors(['label_of' => 'Say of which part the label is.']);
        $this->post("/jobs/{$job->tag}/photos", $photo() + ['label_of' => 'card'])
            ->assertSessionHasErrors(['label' => 'Type the model the label names, or choose no part.']);
        $this->assertSame('Kestrel B2', $job->refresh()->machine->platformFact('board'));
    }

    public function test_a_spare_has_a_model_by_which_it_is_found_warned_of_and_counted_once_fitted(): void
    {
        $lead = $this->person(Role::Lead);
        $this->actingAs($lead);
        $new = ['tag' => 'B-9', 'kind' => 'board', 'name' => 'Plain board', 'value' => '60', 'origin' => 'new', 'place' => 'C1'];
        $this->post(route('spares.store'), $new + ['model' => 'Kestrel B2'])->assertSessionHasNoErrors();
        $this->post(route('spares.store'), ['tag' => 'B-8'] + $new + ['model' => str_repeat('x', 61)])->assertSessionHasErrors('model');
        $this->get('/shelf?q=kestrel')->assertSee(['B-9', 'Kestrel B2']);
        $this->assertStringContainsString('B-9,board,Plain board,60.00,new,C1,Kestrel B2', (string) $this->get('/shelf.csv')->getContent());
        $this->get(route('spares.show', 'B-9'))->assertDontSee('Do not buy');
        Bulletin::query()->create([
            'model' => 'Kestrel B2', 'words' => 'its capacitors swell', 'fault' => '', 'part' => '', 'factor' => 1, 'do_not_buy' => true,
            'source' => 'maker', 'expires_at' => now()->addMonth(), 'user_id' => $lead->id,
        ]);
        $this->get(route('spares.show', 'B-9'))->assertSee('Do not buy Kestrel B2.');
        $this->ware(Spare::query()->where('tag', 'B-9')->firstOrFail());
        $this->get(route('spares.show', 'B-9-B'))->assertDontSee('Do not buy');
        $job = $this->job(entries: [
            ['kind' => 'start', 'reached' => 'nothing'],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['board'], 'with' => ['tag' => 'B-9']],
            ['kind' => 'closing', 'outcome' => 'repaired', 'price' => 9000, 'signed_off' => 'its owner is in a hurry'],
        ]);
        $this->assertSame(['board: Kestrel B2'], JobFacts::query()->findOrFail($job->id)->parts);
    }
}
