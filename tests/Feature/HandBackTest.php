<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Entry;
use App\Models\Job;
use App\Models\Role;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\RecordEntries;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Orthoscope\Core\Bench\JobState;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Proving, the letter in its forms, and the machine handed over. */
final class HandBackTest extends TestCase
{
    use RefreshDatabase;

    private const MENDED = [
        ['kind' => 'start', 'reached' => 'nothing'],
        ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'],
        ['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'old' => 'owner'],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench'], 'times' => 2],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 5],
    ];

    public function test_a_result_is_scanned_from_a_card(): void
    {
        $job = $this->job(
            entries: [['kind' => 'start', 'reached' => 'nothing'], ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']]],
        );
        $this->actingAs($this->person(Role::Technician))
            ->get('/result-cards')
            ->assertOk()
            ->assertSee('P.FANS.CLEAR')
            ->assertSee('Code 128 of P.INSIDE.UP', false);
        $scan = fn (string $code, string $once = ''): TestResponse => $this->post("/jobs/{$job->tag}/results", [
            'code' => $code,
            'once' => $once,
        ])->assertRedirect("/jobs/{$job->tag}/prove");
        $scan('P.OUTSIDE.UP', 'a')->assertSessionHas('status', 'On the record: Out of the case, stays up.');
        $scan('P.OUTSIDE.UP', 'a')->assertSessionHasNoErrors();
        $scan('p-fans-clear')->assertSessionHas('status', 'On the record: Every fan turns.');
        $this->assertSame(
            ['start', 'finding'],
            $job->refresh()->entries->sortBy('number')->slice(3)->pluck('kind')->values()->all(),
            'A card read twice with one form counts once.',
        );
        $scan('G-04')->assertSessionHasErrors([
            'code' => '"G-04" is on no card; scan one of the sheet of result cards, or press the button beside what is proved.',
        ]);
        $this->get("/jobs/{$job->tag}/prove")
            ->assertSee('is on no card')
            ->assertSee('value="G-04"', false);
        $scan('P.MEMORY.FULL')->assertSessionHasErrors('code');
        $this->post("/jobs/{$job->tag}/results", ['code' => ''])->assertSessionHasErrors([
            'code' => 'Scan a result card, or type what stands under its bars.',
        ]);
    }

    public function test_what_is_owed_is_proved_by_a_press_and_leads_back_there(): void
    {
        $job = $this->job(entries: self::MENDED);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}/prove")
            ->assertOk()
            ->assertSee('Every fan turns')
            ->assertDontSee('All is proved');
        $this->assertSame(JobState::Prove, $job->load('summary')->summary->waits_for);
        $this->from("/jobs/{$job->tag}/prove")
            ->post("/jobs/{$job->tag}/entries", ['written' => '[{"kind":"finding","check":"fans-turn","result":"clear"}]'])
            ->assertRedirect("/jobs/{$job->tag}/prove");
        $this->get("/jobs/{$job->tag}/prove")->assertSee('All is proved');
        $this->assertSame(JobState::HandBack, $job->load('summary')->summary->waits_for);
    }

    public function test_reports_of_tools_are_read_in_as_findings(): void
    {
        $job = $this->job(entries: self::MENDED, machine: ['drives' => 2]);
        $this->actingAs($this->person(Role::Technician));
        $sensors = UploadedFile::fake()->createWithContent('s.json', '{"coretemp-isa-0000":{"Package id 0":{"temp1_input":61.0}}}');
        $this->post("/jobs/{$job->tag}/reports", ['kind' => 'sensors', 'report' => $sensors])->assertSessionHasErrors('report');
        $this->post("/jobs/{$job->tag}/reports", ['kind' => 'sensors', 'room' => '22', 'report' => $sensors])->assertSessionHasNoErrors();
        $finding = Entry::query()->where('job_id', $job->id)->orderByDesc('number')->firstOrFail();
        $this->assertSame(
            ['temperature', 61, 22],
            [$finding->body['check'], (int) $finding->body['values']['hot'], (int) $finding->body['values']['room']],
        );
        $smart = UploadedFile::fake()->createWithContent('d.json', '{"smart_status":{"passed":false}}');
        $this->post("/jobs/{$job->tag}/reports", ['kind' => 'smartctl', 'report' => $smart])->assertSessionHasErrors('report');
        $before = app(AssessJob::class)->assess($job)->standings['drive-2']->now;
        $this->post("/jobs/{$job->tag}/reports", [
            'kind' => 'smartctl',
            'drive' => 'drive-2',
            'report' => $smart,
        ])->assertSessionHasNoErrors();
        $this->assertGreaterThan(
            5 * $before,
            app(AssessJob::class)->assess($job->refresh())->standings['drive-2']->now,
            'A failed check reopens the question.',
        );
        $this->post("/jobs/{$job->tag}/reports", [
            'kind' => 'memory-test',
            'report' => UploadedFile::fake()->createWithContent('m.log', 'hello'),
        ])->assertSessionHasErrors('report');
        $this->post("/jobs/{$job->tag}/reports", ['kind' => 'lottery', 'report' => $smart])->assertSessionHasErrors('kind');
    }

    public function test_the_letter_is_told_short_or_full_with_a_line_of_ones_own(): void
    {
        $job = $this->closed();
        $this->actingAs($this->person(Role::Counter))
            ->get("/jobs/{$job->tag}/letter")
            ->assertSee('What we ruled out')
            ->assertSee('You get the old part back: the power supply.')
            ->assertSee('Reads with ease');
        $this->post("/jobs/{$job->tag}/letter", ['level' => 'short', 'words' => 'Greetings to the cat.'])->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->tag}/letter")
            ->assertDontSee('What we ruled out')
            ->assertSee('Greetings to the cat.')
            ->assertSee('no longer worked');
        $this->post("/jobs/{$job->tag}/letter", ['level' => 'endless', 'words' => str_repeat('x', 501)])->assertSessionHasErrors([
            'level',
            'words',
        ]);
    }

    public function test_the_pdf_says_word_for_word_what_the_page_says(): void
    {
        $job = $this->closed();
        $job->update(['letter_words' => 'Thank you for your patience — we know it took long.']);
        $page = (string) $this->actingAs($this->person(Role::Counter))
            ->get("/jobs/{$job->tag}/letter")
            ->getContent();
        $this->assertSame(1, preg_match('/<article class="letter">(.*?)<\/article>/s', $page, $found));
        $html = html_entity_decode(strip_tags(str_replace('<', ' <', $found[1])), ENT_QUOTES | ENT_HTML5);
        $pdf = (string) $this->get("/jobs/{$job->tag}/letter.pdf")
            ->assertHeader('Content-Type', 'application/pdf')
            ->getContent();
        $text = (new Process(['pdftotext', '-layout', '-', '-'], input: $pdf))->mustRun()->getOutput();
        $words = fn (string $words): array => array_count_values(preg_split('/[\s\x{a0}]+/u', $words, -1, PREG_SPLIT_NO_EMPTY) ?: []);
        $a = $words($html);
        $b = $words($text);
        ksort($a);
        ksort($b);
        $this->assertSame($a, $b);
        $this->assertGreaterThan(100, array_sum($a));
    }

    public function test_the_letter_as_text_and_as_mail(): void
    {
        $job = $this->closed();
        $this->actingAs($this->person(Role::Counter));
        $this->assertStringContainsString(
            'The power supply no longer worked.',
            (string) $this->get("/jobs/{$job->tag}/letter.txt")
                ->assertHeader('Content-Type', 'text/plain; charset=utf-8')
                ->getContent(),
        );
        $mail = (string) $this->get("/jobs/{$job->tag}/letter.eml")
            ->assertHeader('Content-Type', 'message/rfc822')
            ->getContent();
        $lines = [
            "Subject: {$job->tag}: our letter",
            'To: Mira Vale',
            'Content-Type: application/pdf',
            "filename=letter-{$job->tag}.pdf",
        ];
        foreach ($lines as $expected) {
            $this->assertStringContainsString($expected, $mail);
        }
        $job->machine->owner->update(['phone' => '', 'email' => '']);
        $this->assertStringContainsString(
            'nobody@text.invalid',
            (string) $this->get("/jobs/{$job->tag}/letter.eml")
                ->assertOk()
                ->getContent(),
            'an owner who left no address',
        );
    }

    public function test_the_owner_reads_what_happened_and_an_address_can_be_ended(): void
    {
        $job = $this->closed();
        $old = '/letter/'.$job->letter_token;
        $this->get($old.'/what-happened')
            ->assertOk()
            ->assertSee('We started it, and nothing happened at all.')
            ->assertSee('We replaced the power supply.')
            ->assertDontSee('log out');
        $this->get($old.'/letter.pdf')->assertOk();
        $this->get('/letter/'.$this->job()->letter_token.'/letter.pdf')->assertNotFound();
        $this->actingAs($this->person(Role::Counter))
            ->post("/jobs/{$job->tag}/letter/renew")
            ->assertSessionHasNoErrors();
        $this->get($old)->assertNotFound();
        $this->get('/letter/'.$job->refresh()->letter_token)->assertOk();
        $this->travel(14)->months();
        $this->get('/letter/'.$job->letter_token)->assertNotFound();
    }

    public function test_the_same_again_is_told_once_and_a_look_claims_only_a_look(): void
    {
        $job = $this->job(
            ['reached' => 'nothing'],
            [
                ['kind' => 'start', 'reached' => 'nothing'],
                ['kind' => 'finding', 'check' => 'button-test', 'result' => 'good'],
                ['kind' => 'finding', 'check' => 'supply-test', 'result' => 'pass'],
                ['kind' => 'start', 'reached' => 'nothing'],
            ],
        );
        $page = (string) $this->get('/letter/'.$job->letter_token.'/what-happened')
            ->assertOk()
            ->getContent();
        $this->assertSame(1, substr_count($page, 'We looked or measured, and saw nothing wrong there.'));
        $this->assertSame(2, substr_count($page, 'We started it, and nothing happened at all.'), 'Each start is an event of its own.');
    }

    public function test_it_is_handed_over_to_who_shows_its_number(): void
    {
        $job = $this->closed();
        $job->update(['agreed' => ['with' => 'power lead, keyboard']]);
        $this->assertSame(JobState::Collect, $job->load('summary')->summary->waits_for);
        $this->actingAs($this->person(Role::Counter))
            ->get("/jobs/{$job->tag}/collect")
            ->assertOk()
            ->assertSee('€ 99.00')
            ->assertSee('keyboard');
        $form = ['reference' => $job->tag, 'method' => 'cash', 'amount' => '99', 'with' => ['power lead', 'keyboard']];
        $this->post("/jobs/{$job->tag}/collect", ['reference' => 'A2-222'] + $form)->assertSessionHasErrors('reference');
        $this->post("/jobs/{$job->tag}/collect", ['with' => ['keyboard']] + $form)->assertSessionHasErrors([
            'left' => 'Not ticked: power lead. Give it back, or say why it stays.',
        ]);
        $this->post("/jobs/{$job->tag}/collect", ['method' => 'none'] + $form)->assertSessionHasErrors('method');
        $this->post("/jobs/{$job->tag}/collect", ['method' => 'open'] + $form)->assertSessionHasErrors('amount');
        $this->post("/jobs/{$job->tag}/collect", ['amount' => '-9'] + $form)->assertSessionHasErrors('amount');
        $this->post("/jobs/{$job->tag}/collect", $form)->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->tag}/collect", $form)->assertSessionHasErrors('reference');
        $this->assertSame(JobState::Closed, $job->load('summary')->summary->waits_for);
        $this->assertSame(9900, Entry::query()->where('job_id', $job->id)->where('kind', 'collection')->firstOrFail()->body['amount']);
        $open = $this->job();
        $this->get("/jobs/{$open->tag}/collect")->assertRedirect("/jobs/{$open->tag}/tag");
        $this->post("/jobs/{$open->tag}/collect", ['reference' => $open->tag, 'method' => 'none'])->assertSessionHasErrors('reference');
    }

    private function closed(): Job
    {
        $job = $this->job(entries: [...self::MENDED, ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear']]);
        app(RecordEntries::class)->record($job, $this->person(Role::Lead), [
            ['kind' => 'closing', 'price' => 9900, 'warranty_months' => 12],
        ]);

        return $job->refresh();
    }
}
