<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Owner;
use App\Models\Photo;
use App\Models\Role;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Shop\KeepPhoto;
use App\UseCases\Shop\PromiseNextWord;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A machine comes over the counter: who brings it, what it is made of, photographs, what is agreed, when they hear next. */
final class ArrivalTest extends TestCase
{
    use RefreshDatabase;

    private const MACHINE = [
        'name' => 'Nell Quarry',
        'phone' => '0555 999 321',
        'email' => 'nell@example.org',
        'model' => 'Stilt 5',
        'picture_from' => 'card',
        'slots' => '2',
        'sticks' => '1',
        'drives' => '1',
        'complaint' => 'Dark',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-11-24 10:00:00');
        $this->actingAs($this->person(Role::Counter));
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function sameAgain(): iterable
    {
        yield 'the same number, written otherwise' => [['name' => 'N. Q.', 'phone' => '+44 555.999-321', 'email' => '']];
        yield 'the same mail, in capitals' => [['name' => 'N. Q.', 'phone' => '', 'email' => 'NELL@example.org']];
        yield 'nearly the same name' => [['name' => 'Nell Quary', 'phone' => '0555 111 222', 'email' => '']];
    }

    /** @param  array<string, string>  $as */
    #[DataProvider('sameAgain')]
    public function test_someone_who_was_here_before_is_offered_and_never_joined_silently(array $as): void
    {
        $first = $this->takeIn();
        $this->from('/counter')
            ->post('/counter', [...self::MACHINE, ...$as, 'model' => 'Stilt 6'])
            ->assertSessionHasErrors('known');
        $this->get('/counter')
            ->assertSee('Someone like this was here before')
            ->assertSee($first->tag)
            ->assertSee('Stilt 5')
            ->assertSee('still open')
            ->assertSee('value="Stilt 6"', false);
        $this->assertSame(1, Job::query()->count());
        $owner = $first->machine->owner;
        $this->takeIn([...$as, 'known' => (string) $owner->id]);
        $this->assertSame(1, Owner::query()->count());
        $this->assertSame('0555 999 321', $owner->refresh()->phone, 'what is known of them stays as it was');
        $this->takeIn([...$as, 'known' => 'new']);
        $this->assertSame(2, Owner::query()->count());
    }

    public function test_someone_new_is_not_held_up_and_nobody_can_be_named_who_is_not_alike(): void
    {
        $this->takeIn();
        $this->takeIn(['name' => 'Ned Quill', 'phone' => '0555 444 555', 'email' => '']);
        $this->assertSame(2, Owner::query()->count());
        $this->from('/counter')
            ->post('/counter', [...self::MACHINE, 'name' => 'Someone Else', 'phone' => '0555 800 100', 'email' => '', 'known' => '1'])
            ->assertSessionHasErrors('known');
    }

    public function test_the_same_machine_by_its_serial_number_is_recognised(): void
    {
        $list = fn (): UploadedFile => UploadedFile::fake()->createWithContent('l.json', '{"id":"x","class":"system","serial":"S-77"}');
        $this->takeIn(['lshw' => $list()]);
        $this->post('/counter', [
            ...self::MACHINE,
            'name' => 'Tam Vey',
            'phone' => '0555 300 400',
            'email' => '',
            'lshw' => $list(),
        ])->assertSessionHasErrors('known');
        $this->get('/counter')->assertSee('Nell Quarry');
    }

    public function test_a_caller_who_was_here_before_is_pointed_out(): void
    {
        $job = $this->takeIn();
        $this->post('/calls', ['phone' => '+44 555 999 321']);
        $call = Job::query()->latest('id')->firstOrFail();
        $this->get("/calls/{$call->tag}")
            ->assertSee('Perhaps known')
            ->assertSee('Nell Quarry')
            ->assertSee($job->tag);
        $this->get('/find?q='.urlencode('0555-999321'))
            ->assertSee($job->tag)
            ->assertSee($call->tag);
    }

    public function test_a_wet_machine_is_not_promised_before_it_is_dry(): void
    {
        $this->assertSame('2026-11-25 11:00', $this->takeIn(['marks' => ['liquid']])->next_word_at?->format('Y-m-d H:i'));
    }

    public function test_what_was_done_earlier_stands_apart_with_its_date(): void
    {
        $job = $this->takeIn([
            'earlier' => [
                ['what' => 'supply-no-help', 'when' => '2026-08', 'words' => ''],
                ['what' => 'supply-worked', 'when' => '2026-06', 'words' => 'by a friend'],
                ['what' => '', 'when' => '', 'words' => ''],
            ],
            'accessories' => ['power lead', 'recovery key'],
            'with' => 'a red sock',
            'proving' => 'long',
        ]);
        $body = $job->entries()->get()[1]->body;
        $this->assertSame(
            ['remembered', 'by a friend', ['supply-worked'], '2026-06'],
            [$body['source'], $body['text'], $body['history'], $body['when']],
        );
        $this->assertSame(
            [['supply-no-help'], '2026-08'],
            [$job->entries()->get()[2]->body['history'], $job->entries()->get()[2]->body['when']],
        );
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}")
            ->assertSee('2026-06, supply replaced, worked again for a while');
        $this->assertSame(['with' => 'power lead, recovery key, a red sock', 'proving' => 'long'], $job->agreed);
        $this->get("/jobs/{$job->tag}/receipt")
            ->assertSee('recovery key, a red sock')
            ->assertSee('for hours at work');
    }

    public function test_the_age_says_what_it_says_and_an_absurd_one_is_told(): void
    {
        $this->assertSame(
            ['age-old'],
            $this->takeIn(['age' => '11'])
                ->entries()
                ->get()[1]->body['history'],
        );
        foreach (['-1', '200', 'ancient', '2.5'] as $age) {
            $this->from('/counter')
                ->post('/counter', [...self::MACHINE, 'known' => 'new', 'age' => $age])
                ->assertSessionHasErrors('age');
            $this->assertStringContainsString('from 0 to 40', session('errors')->first('age'));
        }
    }

    public function test_something_else_than_words_is_told(): void
    {
        foreach (['name', 'phone', 'email', 'model', 'complaint', 'known', 'age', 'limit'] as $field) {
            $this->from('/counter')
                ->post('/counter', [...self::MACHINE, $field => ['a', 'b']])
                ->assertSessionHasErrors($field);
        }
        $this->from('/calls')
            ->post('/calls', ['name' => ['x'], 'phone' => ['y']])
            ->assertSessionHasErrors(['name', 'phone']);
    }

    public function test_an_open_warranty_says_comeback(): void
    {
        $job = $this->takeIn();
        app(RecordEntries::class)->record($job, $this->person(Role::Technician), [
            ['kind' => 'closing', 'price' => 4500, 'warranty_months' => 6, 'signed_off' => 'Rhea'],
        ]);
        $this->post('/counter', self::MACHINE)->assertSessionHasErrors('known');
        $this->get('/counter')->assertSee('warranty until 24 May 2027: comeback?');
        Carbon::setTestNow('2027-06-01 10:00:00');
        $this->post('/counter', self::MACHINE)->assertSessionHasErrors('known');
        $this->get('/counter')->assertSee('handed back 24 Nov 2026')->assertDontSee('comeback?');
    }

    public function test_a_hardware_list_says_what_it_is_made_of(): void
    {
        $bank = fn (int $i, int $size): array => ['id' => "bank:{$i}", 'class' => 'memory', 'description' => 'DIMM DDR4', 'size' => $size];
        $list = [
            'id' => 'x',
            'class' => 'system',
            'serial' => 'S-9',
            'children' => [
                ['id' => 'memory', 'class' => 'memory', 'children' => [$bank(0, 1), $bank(1, 0), $bank(2, 1), $bank(3, 1)]],
                ['id' => 'disk:0', 'class' => 'disk'],
                ['id' => 'disk:1', 'class' => 'disk'],
            ],
        ];
        $job = $this->takeIn(['lshw' => UploadedFile::fake()->createWithContent('list.json', (string) json_encode($list))]);
        $made = $job->machine->made_of;
        $this->assertSame(
            [['A1', 'A2', 'B1', 'B2'], ['A1', 'A2', 'B2'], 2, 'DDR4', 'S-9'],
            [
                $made['memory']['slots'],
                $made['memory']['sticks'],
                $made['drives'],
                $made['platform']['memory'],
                $made['platform']['serial'],
            ],
        );
    }

    public function test_a_file_that_is_no_hardware_list_is_told_and_nothing_is_lost(): void
    {
        foreach (['{"cut' => 'no JSON', '{"a":1}' => 'no hardware list'] as $content => $sentence) {
            $this->from('/counter')
                ->post('/counter', [...self::MACHINE, 'lshw' => UploadedFile::fake()->createWithContent('list.json', $content)])
                ->assertSessionHasErrors('lshw')
                ->assertSessionHasInput('model', 'Stilt 5');
            $this->assertStringContainsString($sentence, session('errors')->first('lshw'));
        }
        $this->assertSame(0, Job::query()->count());
    }

    public function test_the_next_word_comes_from_the_queue(): void
    {
        $this->person(Role::Technician);
        $this->assertSame('2026-11-24 11:00', PromiseNextWord::for()->format('Y-m-d H:i'), 'an empty shop: a first look');
        foreach (range(1, 12) as $i) {
            $this->takeIn(['name' => "Owner {$i}x{$i}", 'phone' => "0555 {$i}00 200", 'email' => '', 'known' => 'new']);
        }
        $this->assertSame(480, PromiseNextWord::minutesAhead());
        // One pair of hands: 8 hours are left today until 18:00, the look is tomorrow.
        $this->assertSame('2026-11-25 10:00', PromiseNextWord::for()->format('Y-m-d H:i'));
        $this->person(Role::Lead);
        $this->assertSame('2026-11-24 15:00', PromiseNextWord::for()->format('Y-m-d H:i'), 'two pairs of hands, two benches');
        $this->get('/counter')->assertSee('Tue 24 Nov, 15:00');
        $this->assertSame('2026-11-24 11:00', Job::query()->oldest('id')->firstOrFail()->next_word_at?->format('Y-m-d H:i'));
    }

    public function test_the_receipt_says_what_was_agreed_and_the_terms(): void
    {
        $job = $this->takeIn(['limit' => '89.50', 'approves' => 'Nell', 'with' => 'lead and bag', 'marks' => ['parcel', 'consent-system']]);
        $this->get("/jobs/{$job->tag}/receipt")
            ->assertOk()
            ->assertSee('lead and bag')
            ->assertSee('89.50')
            ->assertSee('Nell says yes or no')
            ->assertSee('damage to the parcel')
            ->assertSee('beyond the log-in screen')
            ->assertSee('Tuesday 24 November')
            ->assertSee('never open a power supply');
        $plain = $this->takeIn(['name' => 'Ned Quill', 'phone' => '0555 444 555', 'email' => '']);
        $this->get("/jobs/{$plain->tag}/receipt")
            ->assertSee('We ask before we spend anything')
            ->assertSee('We stop at the log-in screen');
    }

    public function test_a_photograph_is_made_anew_pinned_and_shown(): void
    {
        Storage::fake();
        $job = $this->takeIn();
        $jpeg = $this->jpegWithComment('camera of N. Q., at home');
        $this->post("/jobs/{$job->tag}/photos", [
            'photo' => UploadedFile::fake()->createWithContent('IMG 1.jpg', $jpeg),
            'place' => 'back',
            'x' => '250',
            'y' => '750',
            'words' => 'bent bracket',
        ])->assertSessionHasNoErrors();
        $photo = Photo::query()->firstOrFail();
        $this->assertSame(['back', 250, 750, 'bent bracket'], [$photo->place, $photo->x, $photo->y, $photo->words]);
        $this->assertSame(40, strlen($photo->file));
        $kept = (string) Storage::get(KeepPhoto::path($photo->file));
        $this->assertStringContainsString('camera of N. Q.', $jpeg);
        $this->assertStringNotContainsString('camera of N. Q.', $kept, 'what the camera wrote into it is gone');
        $small = getimagesizefromstring((string) Storage::get(KeepPhoto::path($photo->file, small: true)));
        $this->assertSame([360, 270], [$small[0] ?? 0, $small[1] ?? 0]);
        $this->get("/jobs/{$job->tag}/photos")
            ->assertSee('bent bracket')
            ->assertSee($photo->file);
        $this->get("/photos/{$photo->file}")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg')
            ->assertHeader('X-Content-Type-Options', 'nosniff');
        $this->get('/photos/1')->assertNotFound();
        $this->get('/photos/'.str_repeat('a', 40))->assertNotFound();
        auth()->forgetGuards();
        $this->app['session']->flush();
        $this->get("/photos/{$photo->file}")->assertRedirect('/login');
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function notPhotos(): iterable
    {
        yield 'a page' => ['x.jpg', '<html><script>alert(1)</script></html>', 'no JPEG, PNG or WebP'];
        yield 'a program' => ['x.png', "<?php echo 'x';", 'no JPEG, PNG or WebP'];
        yield 'a drawing' => ['x.svg', '<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>', 'no JPEG, PNG or WebP'];
        yield 'a GIF' => ['x.jpg', base64_decode('R0lGODlhAQABAIAAAAUEBAAAACwAAAAAAQABAAACAkQBADs='), 'no JPEG, PNG or WebP'];
        yield 'an empty file' => ['x.jpg', '', 'no JPEG, PNG or WebP'];
    }

    #[DataProvider('notPhotos')]
    public function test_what_is_no_photograph_is_refused_in_one_sentence(string $name, string $content, string $sentence): void
    {
        Storage::fake();
        $job = $this->takeIn();
        $this->from("/jobs/{$job->tag}/photos")
            ->post("/jobs/{$job->tag}/photos", [
                'photo' => UploadedFile::fake()->createWithContent($name, $content),
                'place' => 'front',
                'words' => 'kept',
            ])
            ->assertSessionHasErrors('photo')
            ->assertSessionHasInput('words', 'kept');
        $this->assertStringContainsString($sentence, session('errors')->first('photo'));
        $this->assertSame([0, []], [Photo::query()->count(), Storage::allFiles()]);
    }

    public function test_a_damaged_an_oversized_and_a_missing_photograph(): void
    {
        Storage::fake();
        $job = $this->takeIn();
        $send = fn (?UploadedFile $file) => $this->from("/jobs/{$job->tag}/photos")
            ->post("/jobs/{$job->tag}/photos", array_filter(['photo' => $file, 'place' => 'front']))
            ->assertSessionHasErrors('photo');
        $send(UploadedFile::fake()->createWithContent('half.jpg', substr($this->jpegWithComment('x'), 0, 300)));
        $send(UploadedFile::fake()->create('big.jpg', 10241, 'image/jpeg'));
        $send(null);
        $this->from('/')
            ->post("/jobs/{$job->tag}/photos", ['photo' => UploadedFile::fake()->image('a.jpg'), 'place' => 'the moon'])
            ->assertSessionHasErrors('place');
        $this->assertSame(0, Photo::query()->count());
    }

    public function test_an_owner_is_erased_on_request_and_the_record_stays(): void
    {
        $job = $this->takeIn(['approves' => 'her brother Tam', 'limit' => '50']);
        $this->actingAs($this->person(Role::Lead))
            ->get("/jobs/{$job->tag}/tag")
            ->assertSee('Erase for good');
        $this->post("/jobs/{$job->tag}/owner/erase")->assertRedirect("/jobs/{$job->tag}/tag");
        $owner = $job->machine->owner->refresh();
        $this->assertSame(['erased on request', '', '', ''], [$owner->name, $owner->phone, $owner->email, $owner->phone_key]);
        $this->assertSame(['limit' => 5000], $job->refresh()->agreed);
        $this->assertSame(1, $job->entries()->count());
        $this->get('/find?q=Quarry')->assertDontSee($job->tag);
    }

    private function jpegWithComment(string $comment): string
    {
        $image = imagecreatetruecolor(800, 600);
        $this->assertNotFalse($image);
        imagefilledellipse($image, 400, 300, 300, 200, (int) imagecolorallocate($image, 200, 90, 20));
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();

        // A comment segment after the first marker, as cameras write their data.
        return substr($jpeg, 0, 2)."\xFF\xFE".pack('n', strlen($comment) + 2).$comment.substr($jpeg, 2);
    }

    /** @param  array<string, mixed>  $as */
    private function takeIn(array $as = []): Job
    {
        $this->post('/counter', [...self::MACHINE, ...$as])->assertSessionHasNoErrors();

        return Job::query()->with('machine.owner')->latest('id')->firstOrFail();
    }
}
