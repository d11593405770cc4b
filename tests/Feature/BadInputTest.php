<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\TakenOnce;
use App\Models\Job;
use App\Models\PartsSupplier;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Jobs\RecordEntries;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Storage;
use Orthoscope\Core\Plain\Draw;
use Tests\TestCase;

/** Every form of the main pages, sent with what no form sends: none of it is the program's fault, and none of it brings it down. */
final class BadInputTest extends TestCase
{
    use RefreshDatabase;

    /** Sendings of each form. */
    private const TRIES = 6;

    private const NASTY = [
        ['a' => ['b' => 'c']],
        [],
        ['x', 'y'],
        "\xC3\x28 broken",
        '1e999',
        '-1',
        '9999999999999999999',
        "zero \0 byte",
        "right to \u{202E}left",
        '<script>x</script>',
        '=cmd()',
        "line\r\nline",
        '٣٤',
        'NaN',
        '0x1A',
        '../../etc/passwd',
        '2026-99-99',
        '{}',
        'null',
        ' ',
    ];

    public function test_no_form_brings_the_program_down(): void
    {
        Storage::fake('local');
        $this->actingAs($this->person(Role::Lead));
        PartsSupplier::query()->create(['name' => 'Harbour']);
        $this->spare('M-1', 'stick');
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $closed = $this->closed();
        $pages = [
            '/',
            '/counter',
            '/calls',
            '/shelf',
            '/codes',
            '/orders',
            '/diary',
            '/shop',
            '/people',
            '/you',
            '/patterns',
            '/own',
            '/messages',
            '/shop/numbers/minutes',
            '/shop/texts',
            '/shop/suppliers',
            '/shop/bring-in',
            '/shop/keeping',
            '/day-sheet',
            '/uncollected',
            '/spares/M-1',
            "/jobs/{$job->tag}",
            "/jobs/{$job->tag}/stand",
            "/jobs/{$job->tag}/decide",
            "/jobs/{$job->tag}/prove",
            "/jobs/{$job->tag}/close",
            "/jobs/{$job->tag}/machine",
            "/jobs/{$job->tag}/papers",
            "/jobs/{$job->tag}/photos",
            "/jobs/{$job->tag}/claim",
            "/jobs/{$job->tag}/contacts",
            "/jobs/{$closed->tag}/letter",
            "/jobs/{$closed->tag}/collect",
            "/jobs/{$closed->tag}/came-back",
        ];
        $forms = [];
        foreach ($pages as $page) {
            foreach (self::formsOf((string) $this->get($page)->assertOk()->getContent()) as $action => $fields) {
                $forms[$action] = $fields + ($forms[$action] ?? []);
            }
        }
        unset($forms[route('logout')]);
        $this->assertGreaterThan(60, count($forms));
        $draw = Draw::from('bad input');
        $bad = [];
        foreach ($forms as $action => $fields) {
            for ($try = 0; $try < self::TRIES; $try++) {
                RateLimiter::clear('quotes');
                $sent = self::spoilt($fields, $draw);
                $status = $this->post($action, $sent)->baseResponse->getStatusCode();
                if ($status >= 500) {
                    $bad[] =
                        parse_url($action, PHP_URL_PATH).
                        ' '.
                        json_encode($sent, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
                }
                $this->actingAs($this->lead());
            }
        }
        $this->assertSame([], array_map(fn (string $one): string => mb_strimwidth($one, 0, 400, '…'), $bad));
    }

    public function test_no_address_brings_it_down_by_what_it_asks(): void
    {
        $this->actingAs($this->person(Role::Lead));
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $asked = [
            '/find?q=' => ['q'],
            '/shelf?' => ['like', 'status', 'for'],
            '/codes?' => ['q', 'kind'],
            '/counter/asks?' => ['complaint', 'reached'],
            '/before-buying?' => ['kind', 'of_machine', 'of_part'],
            '/shop/texts?' => ['text'],
            '/shop/books?' => ['from', 'to'],
            '/day-sheet?' => ['day'],
            '/how-well?' => ['from'],
            "/jobs/{$job->tag}/card?" => ['says_memory'],
            "/jobs/{$job->tag}/news?" => ['since'],
            "/jobs/{$job->tag}/decide?" => ['worth'],
            "/jobs/{$job->tag}/quote?" => ['options'],
            "/jobs/{$job->tag}/contacts?" => ['since'],
            "/jobs/{$job->tag}/supply?" => ['watts'],
            '/shop/bring-in?' => ['kind'],
        ];
        $bad = [];
        foreach ($asked as $path => $names) {
            foreach ($names as $name) {
                foreach (self::NASTY as $value) {
                    $address = (string) strtok($path, '?').'?'.http_build_query([$name => $value]);
                    $this->get($address)->baseResponse->getStatusCode() < 500 || ($bad[] = $address);
                }
            }
        }
        $this->assertSame([], $bad);
    }

    public function test_no_file_brings_it_down(): void
    {
        Storage::fake('local');
        $this->actingAs($this->person(Role::Lead));
        $job = $this->job();
        $files = [
            '',
            "\0\0\0",
            '{"sticks": 5}',
            '{"temperature": {"passed": []}}',
            '[]',
            'null',
            "a,b\n\"",
            "name\n\xC3\x28\n",
            str_repeat('[', 3000),
            "kind,name\n".str_repeat(',', 500)."\n",
            "\xFF\xFEn\0a\0",
        ];
        foreach ($files as $bytes) {
            foreach (
                [
                    "/jobs/{$job->tag}/reports" => ['report', 'tool' => 'smartctl'],
                    '/shelf/import' => ['csv'],
                    '/codes' => ['csv'],
                    "/jobs/{$job->tag}/papers" => ['file', 'kind' => 'none', 'title' => 'x'],
                    '/messages/returned' => ['returned'],
                    "/jobs/{$job->tag}/photos" => ['photo', 'place' => 'front'],
                    '/shop/bring-in' => ['file', 'kind' => 'owners'],
                    '/counter' => ['hardware', 'name' => 'x', 'complaint' => 'y', 'model' => 'z'],
                ] as $path => $with
            ) {
                $file = UploadedFile::fake()->createWithContent('a.txt', $bytes);
                $status = $this->post($path, [$with[0] => $file] + array_diff_key($with, [0 => 1]))->baseResponse->getStatusCode();
                $this->assertLessThan(500, $status, "{$path} ".bin2hex(substr($bytes, 0, 40)));
            }
        }
    }

    private function lead(): User
    {
        return User::query()->here()->where('role', Role::Lead)->first() ?? $this->person(Role::Lead);
    }

    private function closed(): Job
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'stays']]);
        app(RecordEntries::class)->record($job, $this->lead(), [
            ['kind' => 'closing', 'price' => 100, 'warranty_months' => 1, 'signed_off' => 'seen'],
        ]);

        return $job;
    }

    /** @return array<string, array<string, string>> action => field => what stands in it */
    private static function formsOf(string $html): array
    {
        $page = new DOMDocument;
        @$page->loadHTML('<?xml encoding="utf-8"?>'.$html);
        $find = new DOMXPath($page);
        $forms = [];
        foreach ($find->query('//form[translate(@method, "POST", "post")="post"]') ?: [] as $form) {
            /** @var DOMElement $form */
            $fields = [];
            foreach ($find->query('.//input | .//select | .//textarea | .//button', $form) ?: [] as $field) {
                /** @var DOMElement $field */
                $name = $field->getAttribute('name');
                if ($name !== '' && ! in_array($name, ['_token', TakenOnce::FIELD], true)) {
                    $fields[$name] = $field->nodeName === 'textarea' ? $field->textContent : $field->getAttribute('value');
                }
            }
            $forms[$form->getAttribute('action')] = $fields;
        }

        return $forms;
    }

    /**
     * @param  array<string, string>  $fields
     *
     * @return array<string, mixed>
     */
    private static function spoilt(array $fields, Draw $draw): array
    {
        $names = array_keys($fields);
        $spoilt = $names === [] ? [] : [$draw->oneOf($names), $draw->oneOf($names)];
        parse_str(http_build_query($fields), $sent);
        foreach ($spoilt as $name) {
            $nasty = $draw->oneOf(self::NASTY);
            $path = preg_split('/\]?\[|\]/', (string) $name, -1, PREG_SPLIT_NO_EMPTY) ?: [];
            data_set($sent, implode('.', $path), $nasty);
        }

        return $sent;
    }
}
