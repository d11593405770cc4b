<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Entry;
use App\Models\Job;
use App\Models\Notice;
use App\Models\Quote;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\RecordEntries;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Orthoscope\Core\Bench\JobState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** From the ways on to the owner's answer. */
final class DecideTest extends TestCase
{
    use RefreshDatabase;

    private const SUPPLY = [
        ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-12', 'trust' => 0.97]]]],
        ['kind' => 'start', 'reached' => 'nothing'],
    ];

    private const VARIANTS = [
        [
            'name' => 'Replace the supply, new',
            'option' => 'replace:supply:new',
            'days' => '2-5',
            'warranty' => '12',
            'promise' => 'It helps.',
            'lines' => [
                ['what' => 'Work', 'count' => '1', 'each' => '17.60'],
                ['what' => 'Supply', 'count' => '1', 'each' => '54,00'],
                ['what' => '', 'count' => '1', 'each' => ''],
            ],
        ],
        [
            'name' => 'Give back unrepaired',
            'option' => 'return',
            'days' => '0-1',
            'warranty' => '0',
            'lines' => [['what' => 'Looking', 'count' => '1', 'each' => '20']],
        ],
    ];

    public function test_the_ways_on_are_shown_cheapest_first_with_what_suppliers_have(): void
    {
        $job = $this->job(entries: self::SUPPLY);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}/decide")
            ->assertOk()
            ->assertSeeInOrder(['Replace the supply', 'Give back unrepaired'])
            ->assertSee('Deciding now is worth more than testing on')
            ->assertSee('Ropewalk Wholesale');
        $this->get("/jobs/{$job->tag}/decide?worth=20")
            ->assertOk()
            ->assertSee('more than the machine is worth');
        $this->get("/jobs/{$job->tag}/decide?worth=much")
            ->assertRedirect("/jobs/{$job->tag}/decide")
            ->assertSessionHasErrors('worth');
    }

    public function test_ticked_ways_become_variants_with_lines(): void
    {
        $job = $this->job(entries: self::SUPPLY);
        $this->actingAs($this->person(Role::Technician));
        $this->get("/jobs/{$job->tag}/quote?options[]=replace:supply:new&options[]=return&options[]=nonsense&options[x][y]=1")
            ->assertOk()
            ->assertSee('Power supply, new')
            ->assertSee('Work, 22 minutes')
            ->assertDontSee('nonsense');
        $this->get("/jobs/{$job->tag}/quote")
            ->assertRedirect("/jobs/{$job->tag}/decide")
            ->assertSessionHasErrors('options');
    }

    public function test_the_owner_reads_chooses_and_agrees_once(): void
    {
        $job = $this->job(entries: self::SUPPLY);
        $quote = $this->sent($job);
        $this->assertSame(JobState::Answer, $job->load('summary')->summary->waits_for);
        $this->post('/logout');
        $address = '/quote/'.$quote->token;
        $this->get($address)
            ->assertOk()
            ->assertSee('€ 85.92')
            ->assertSee('choose one')
            ->assertDontSee('log out')
            ->assertHeader('X-Robots-Tag', 'noindex');
        $this->post($address, ['answer' => 'accepted', 'read' => $quote->fingerprint])->assertSessionHasErrors([
            'answer' => 'Choose one of the ways first.',
        ]);
        $this->post($address, ['answer' => 'accepted', 'variant' => 'Z', 'read' => $quote->fingerprint])->assertSessionHasErrors('answer');
        $this->post($address, [
            'answer' => 'accepted',
            'variant' => 'A',
            'words' => '<script>alert(1)</script> please',
            'read' => $quote->fingerprint,
        ])
            ->assertRedirect($address)
            ->assertSessionHasNoErrors();
        $this->get($address)
            ->assertSee('Thank you: you said yes')
            ->assertSee('&lt;script&gt;', false)
            ->assertDontSee('<script>alert', false);
        $entry = Entry::query()->where('job_id', $job->id)->where('kind', 'agreement')->firstOrFail();
        $this->assertSame(['accepted', 'A', 8592], [$entry->body['answer'], $entry->body['variant'], $entry->body['amount']]);
        $this->assertStringContainsString('Total: € 85.92', $entry->body['agreed']);
        $this->assertStringContainsString('accepts A', (string) Notice::query()->value('words'));
        $this->post($address, ['answer' => 'declined', 'read' => $quote->fingerprint])->assertSessionHasErrors('answer');
        $this->assertSame(1, Entry::query()->where('job_id', $job->id)->where('kind', 'agreement')->count());
        $this->assertNotSame(JobState::Answer, $job->load('summary')->summary->waits_for);
    }

    public function test_asking_and_declining(): void
    {
        $job = $this->job(entries: self::SUPPLY);
        $quote = $this->sent($job);
        $this->post('/quote/'.$quote->token, [
            'answer' => 'asked',
            'words' => ' ',
            'read' => $quote->fingerprint,
        ])->assertSessionHasErrors(['answer' => 'Write what you want to ask.']);
        $this->post('/quote/'.$quote->token, [
            'answer' => 'asked',
            'words' => 'Are my photographs safe?',
            'read' => $quote->fingerprint,
        ])->assertSessionHasNoErrors();
        $this->assertSame('asked', $quote->refresh()->state);
        $next = $this->sent($job);
        $this->post('/quote/'.$next->token, ['answer' => 'declined', 'read' => $next->fingerprint])->assertSessionHasNoErrors();
        $this->assertNull(app(AssessJob::class)->record($job)->leave());
    }

    public function test_what_is_outdated_changed_or_taken_back_is_refused_with_the_reason(): void
    {
        $job = $this->job(entries: self::SUPPLY);
        $quote = $this->sent($job);
        $yes = ['answer' => 'accepted', 'variant' => 'A', 'read' => $quote->fingerprint];
        $this->post('/quote/'.$quote->token, ['read' => str_repeat('0', 64)] + $yes)->assertSessionHasErrors([
            'answer' => 'This is not the quote you read; load the page again and read it.',
        ]);
        $this->travel(20)->days();
        $this->post('/quote/'.$quote->token, $yes)->assertSessionHasErrors('answer');
        $this->get('/quote/'.$quote->token)->assertSee('no longer holds');
        $this->travelBack();
        $newer = $this->sent($job);
        $this->assertSame('withdrawn', $quote->refresh()->state);
        $this->post('/quote/'.$quote->token, $yes)->assertSessionHasErrors('answer');
        $this->get('/quote/'.$quote->token)->assertSee('taken this quote back');
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/quote/withdraw")
            ->assertSessionHasNoErrors();
        $this->assertSame('withdrawn', $newer->refresh()->state);
        $this->assertNull(Entry::query()->where('kind', 'agreement')->first());
    }

    public function test_quotes_cannot_be_guessed_and_show_one_job_only(): void
    {
        $quote = $this->sent($this->job(entries: self::SUPPLY));
        $other = $this->job();
        $this->assertSame(40, strlen($quote->token));
        $this->assertStringNotContainsString($quote->token, (string) Quote::query()->toBase()->value('token'));
        $this->get('/quote/'.str_repeat('a', 40))->assertNotFound();
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$other->tag}/quotes/{$quote->id}")
            ->assertNotFound();
        for ($i = 0; $i < 40; $i++) {
            $last = $this->get('/quote/'.$quote->token);
        }
        $last->assertStatus(429);
    }

    public function test_two_answers_at_once_are_one(): void
    {
        $job = $this->job(entries: self::SUPPLY);
        $quote = $this->sent($job);
        $stale = Quote::query()
            ->with(['job.machine.owner', 'user'])
            ->findOrFail($quote->id);
        $answer = app(\App\UseCases\Jobs\AnswerQuote::class);
        $answer->answer($quote->load(['job.machine.owner', 'user']), 'accepted', 'A', '', $quote->fingerprint);
        try {
            $answer->answer($stale, 'accepted', 'B', '', $quote->fingerprint);
            $this->fail('A second answer was taken.');
        } catch (\Orthoscope\Core\Quote\UnusableQuote $mistake) {
            $this->assertStringContainsString('answered this already', $mistake->getMessage());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'below nothing' => [
            ['variants' => [['lines' => [['what' => 'x', 'count' => '1', 'each' => '-4']]] + self::VARIANTS[0]]],
            'variants.0.lines.0.each',
        ];
        yield 'absurd' => [
            ['variants' => [['lines' => [['what' => 'x', 'count' => '1', 'each' => '999999']]] + self::VARIANTS[0]]],
            'variants.0.lines.0.each',
        ];
        yield 'no line' => [
            ['variants' => [['lines' => [['what' => '', 'count' => '1', 'each' => '']]] + self::VARIANTS[0]]],
            'variants.0.lines',
        ];
        yield 'a price for nothing' => [
            ['variants' => [['lines' => [['what' => '', 'count' => '1', 'each' => '5']]] + self::VARIANTS[0]]],
            'variants.0.lines',
        ];
        yield 'ended yesterday' => [['valid_until' => '2020-01-01'], 'valid_until'];
        yield 'for ever' => [['valid_until' => '2099-01-01'], 'valid_until'];
        yield 'no variant' => [['variants' => []], 'variants'];
        yield 'too many' => [['variants' => array_fill(0, 5, self::VARIANTS[0])], 'variants'];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('mistakes')]
    public function test_a_quote_that_cannot_be_is_told_where_it_is_wrong(array $wrong, string $field): void
    {
        $job = $this->job(entries: self::SUPPLY);
        $this->actingAs($this->person(Role::Technician))
            ->from("/jobs/{$job->tag}/quote")
            ->post("/jobs/{$job->tag}/quote", $wrong + ['variants' => self::VARIANTS, 'valid_until' => now()->addDays(9)->format('Y-m-d')])
            ->assertSessionHasErrors($field);
        $this->assertSame(0, Quote::query()->count());
    }

    public function test_going_ahead_is_locked_above_what_was_agreed(): void
    {
        $job = $this->job(entries: self::SUPPLY);
        $job->update(['agreed' => ['limit' => 10000]]);
        $this->actingAs($this->person(Role::Technician));
        $this->post("/jobs/{$job->tag}/ahead", ['how' => 'ahead', 'amount' => '100.01'])->assertSessionHasErrors([
            'amount' => '€ 100.01 is more than the € 100.00 the owner agreed to: send a quote first.',
        ]);
        $this->post("/jobs/{$job->tag}/ahead", ['how' => 'ahead', 'amount' => '99'])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->tag}/ahead", ['how' => 'told', 'amount' => '150'])->assertSessionHasErrors('words');
        $this->post("/jobs/{$job->tag}/ahead", [
            'how' => 'told',
            'amount' => '150',
            'words' => 'rang at four, yes',
        ])->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->tag}/decide")->assertSee('Up to € 150.00');
    }

    public function test_the_price_at_the_end_is_what_was_agreed_or_says_how_more_was(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'stays']]);
        $job->update(['agreed' => ['limit' => 5000]]);
        $form = ['price' => '80', 'warranty_months' => '3', 'signed_off' => 'They want it back'];
        $this->actingAs($this->person(Role::Lead))
            ->post("/jobs/{$job->tag}/close", $form)
            ->assertSessionHasErrors('agreed_how');
        $this->post("/jobs/{$job->tag}/close", $form + ['agreed_how' => 'said yes at the counter'])->assertSessionHasNoErrors();
        $this->assertSame(
            ['agreement', 'closing'],
            Entry::query()->where('job_id', $job->id)->orderByDesc('number')->limit(2)->pluck('kind')->reverse()->values()->all(),
        );
    }

    public function test_a_closed_job_takes_its_quote_back_and_nothing_more_is_agreed_or_ordered_for_it(): void
    {
        $job = $this->job(entries: self::SUPPLY);
        $quote = $this->sent($job);
        app(RecordEntries::class)->record($job, $this->person(Role::Technician), [
            [
                'kind' => 'closing',
                'price' => 2000,
                'warranty_months' => 0,
                'signed_off' => 'Nothing was repaired.',
                'outcome' => 'unrepaired',
            ],
        ]);
        $this->assertSame('withdrawn', $quote->refresh()->state);
        $this->post('/quote/'.$quote->token, [
            'answer' => 'accepted',
            'variant' => 'A',
            'read' => $quote->fingerprint,
        ])->assertSessionHasErrors('answer');
        $this->actingAs($this->person(Role::Technician));
        foreach (
            [
                'ahead' => ['how' => 'told', 'amount' => '50', 'words' => 'yes'],
                'quote' => ['variants' => self::VARIANTS],
                'orders' => ['offer' => 'bw-supply-550', 'part' => 'supply'],
            ] as $what => $sent
        ) {
            $this->from("/jobs/{$job->tag}/decide")
                ->post("/jobs/{$job->tag}/{$what}", $sent)
                ->assertRedirect("/jobs/{$job->tag}/decide")
                ->assertSessionHasErrors('refused');
        }
        $this->get("/jobs/{$job->tag}/decide")
            ->assertOk()
            ->assertSee('is closed. Strike its closing out')
            ->assertSee('What stands here is how it was left')
            ->assertDontSee('Order part')
            ->assertDontSee('Make a quote');
        $this->assertSame([1, 0], [$job->quotes()->count(), $job->orders()->count()]);
    }

    private function sent(Job $job): Quote
    {
        /** @var User $maker */
        $maker = $this->person(Role::Technician);
        $this->actingAs($maker)
            ->post("/jobs/{$job->tag}/quote", [
                'variants' => self::VARIANTS,
                'valid_until' => now()->addDays(9)->format('Y-m-d'),
                'words' => '',
            ])
            ->assertSessionHasNoErrors()
            ->assertRedirect("/jobs/{$job->tag}/decide");
        $this->app['auth']->forgetGuards();

        return Quote::query()->orderByDesc('id')->firstOrFail();
    }
}
