<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\AddressToken;
use App\Models\EntryChain;
use App\Models\JobWords;
use App\Models\User;
use App\UseCases\Advice\AwaitedByJob;
use App\UseCases\Advice\JobSummary;
use App\UseCases\Advice\KeepFacts;
use App\UseCases\Shop\Backup\Stores\DataStore;
use DateTimeImmutable;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Shelf\Shelf;
use Symfony\Component\Yaml\Yaml;

/**
 * Makes closed jobs of earlier years by the thousand, with their entries: for the demo's history and to measure with. What the core makes
 * of a course stands beside it in the file, because working out hundreds takes minutes; jobs that took it share it.
 *
 * @phpstan-type History array{
 *     batch: array{made_of: array<string, mixed>, entries: list<array<string, mixed>>},
 *     models: non-empty-list<string>,
 *     batch_model: string,
 *     names: non-empty-list<string>,
 *     surnames: non-empty-list<string>,
 *     suppliers: non-empty-list<string>,
 * }
 */
final readonly class GenerateJobs
{
    private const AT_ONCE = 400;

    /** Share of the machines of the bad batch that have its fault, and days back from which they come. */
    private const BAD = 0.5;

    private const BAD_SINCE = 200;

    /** Days after which every job was handed over. */
    private const CLOSED_WITHIN = 4;

    private const HANDED_OVER = [
        ['kind' => 'closing', 'price' => 9900, 'warranty_months' => 6],
        ['kind' => 'collection', 'method' => 'card', 'amount' => 9900],
    ];

    private const TABLES = ['owners', 'machines', 'jobs', 'entries', 'summaries', 'job_facts', 'job_words'];

    public function __construct(private Catalogue $catalogue, private DataStore $store)
    {
    }

    public function make(int $count, string $seed, int $days = 720): void
    {
        /** @var History $data */
        $data = Yaml::parseFile(database_path('seeders/history.yaml'));
        $courses = self::courses();
        $batch = $this->workOut($data['batch']);
        $people = User::query()->pluck('id', 'email');
        $draw = Draw::from($seed);
        $base = (int) DB::table('jobs')->max('id');
        // A tag that somebody has already gets a letter behind it.
        $taken = array_fill_keys(DB::table('jobs')->pluck('tag')->all(), true);
        for ($from = 0; $from < $count; $from += self::AT_ONCE) {
            $rows = array_fill_keys(self::TABLES, []);
            for ($i = $from; $i < min($count, $from + self::AT_ONCE); $i++) {
                $model = $draw->oneOf($data['models']);
                $day = $days - intdiv($i * $days, $count) + self::CLOSED_WITHIN;
                $isBad = $model === $data['batch_model'] && $day < self::BAD_SINCE && $draw->happens(self::BAD);
                $made = $this->job(
                    id: $base + $i + 1,
                    course: $isBad ? $batch : $draw->oneOf($courses),
                    model: $model,
                    at: now()->subDays($day)->setTime(9, 0)->addMinutes((int) (300 * $draw->unit()))->toDateTimeImmutable(),
                    data: $data,
                    people: $people->all(),
                    draw: $draw,
                );
                if (isset($taken[$made['jobs'][0]['tag']])) {
                    $made['jobs'][0]['tag'] = $made['job_facts'][0]['tag'] .= 'z';
                }
                foreach ($made as $table => $of) {
                    array_push($rows[$table], ...$of);
                }
            }
            self::insert($rows);
        }
        $this->store->idsGoOn();
    }

    /** @param  array<string, list<array<string, mixed>>>  $rows by table */
    private static function insert(array $rows): void
    {
        DB::transaction(function () use ($rows): void {
            foreach (self::TABLES as $table) {
                foreach (array_chunk($rows[$table], 200) as $chunk) {
                    DB::table($table)->insert($chunk);
                }
            }
        });
    }

    /**
     * @return non-empty-list<array{made_of: array<string, mixed>, entries: list<array<string, mixed>>, summary: array<string, mixed>,
     *     facts: array<string, mixed>}> as workOut() left them
     */
    public static function courses(): array
    {
        return json_decode((string) file_get_contents(database_path('seeders/history-courses.json')), true, 32, JSON_THROW_ON_ERROR);
    }

    /**
     * What the core makes of a course that was closed and handed over, for all jobs that took it.
     *
     * @param  array{made_of: array<string, mixed>, entries: list<array<string, mixed>>}  $row
     *
     * @return array{
     *     made_of: array<string, mixed>,
     *     entries: list<array<string, mixed>>,
     *     summary: array<string, mixed>,
     *     facts: array<string, mixed>,
     * }
     */
    public function workOut(array $row): array
    {
        $machine = Machine::fromArray($row['made_of'] + ['model' => 'x'], $this->catalogue);
        $reader = new EntryReader($this->catalogue, $machine);
        $written = [...$row['entries'], ...self::HANDED_OVER];
        $record = new Record(array_map(fn (array $entry, int $i) => $reader->read($i + 1, $entry), $written, array_keys($written)));
        $assessment = (new Adviser($this->catalogue, $machine, new Shelf([])))->assess($record);

        return [
            'made_of' => $row['made_of'],
            'entries' => $row['entries'],
            'summary' => JobSummary::of($assessment, $this->catalogue, AwaitedByJob::none()),
            'facts' => KeepFacts::read($assessment, $this->catalogue),
        ];
    }

    /**
     * @param  array{names: non-empty-list<string>, surnames: non-empty-list<string>, suppliers: non-empty-list<string>, ...}  $data
     * @param  array<string, mixed>  $course
     * @param  array<string, int>  $people
     *
     * @return array<string, list<array<string, mixed>>> rows by table
     */
    private function job(int $id, array $course, string $model, DateTimeImmutable $at, array $data, array $people, Draw $draw): array
    {
        $closed = $at->modify('+'.(int) (60 + 4000 * $draw->unit()).' minutes');
        $back = $draw->happens(0.05) ? (int) (3 + 150 * $draw->unit()) : null;
        $back = $back === null || $closed->modify("+{$back} days") > now() ? null : $back;
        $rows = $this->takenIn($id, $course, $model, $at, $data, $draw);
        $rows['jobs'][0] += ['taken_in_by' => $people['oda'], 'link_until' => $closed->modify('+6 months')];
        $technician = $people[$draw->oneOf(['piet', 'rhea'])];
        $rows['entries'] = self::entries($id, $course, $technician, $at);
        $rows['summaries'][] = [
            'job_id' => $id,
            'entries' => $course['summary']['entries'],
            'waits_for' => JobState::Closed->value,
            'closed' => 1,
            'data' => json_encode($course['summary']['data'], JSON_THROW_ON_ERROR),
            'updated_at' => $at,
        ];
        $rows['job_facts'][] = [
            ...self::facts($course, $data, $draw),
            'job_id' => $id,
            'tag' => $rows['jobs'][0]['tag'],
            'model' => $model,
            'family' => explode(' ', $model)[0],
            'user_id' => $technician,
            'closed_at' => $closed,
            'back_after' => $back,
            'back_at' => $back === null ? null : $closed->modify("+{$back} days"),
        ];

        return $rows;
    }

    /**
     * Owner, machine and job.
     *
     * @param  array{names: non-empty-list<string>, surnames: non-empty-list<string>, ...}  $data
     * @param  array<string, mixed>  $course
     *
     * @return array<string, list<array<string, mixed>>> rows by table
     */
    private function takenIn(int $id, array $course, string $model, DateTimeImmutable $at, array $data, Draw $draw): array
    {
        $stamp = ['created_at' => $at, 'updated_at' => $at];
        $address = AddressToken::random();
        $phone = sprintf('0555 %03d %03d', (int) (999 * $draw->unit()), (int) (999 * $draw->unit()));
        $name = $draw->oneOf($data['names']).' '.$draw->oneOf($data['surnames']);
        $madeOf = json_encode($course['made_of'] + ['model' => $model], JSON_THROW_ON_ERROR);

        return [
            'owners' => [
                [
                    'id' => $id,
                    'name' => $name,
                    'phone' => $phone,
                    'email' => '',
                    'phone_key' => substr((string) preg_replace('/\D/', '', $phone), -9),
                    ...$stamp,
                ],
            ],
            'machines' => [['id' => $id, 'owner_id' => $id, 'model' => $model, 'made_of' => $madeOf, ...$stamp]],
            'jobs' => [
                [
                    'id' => $id,
                    'tag' => self::tag($id),
                    'machine_id' => $id,
                    'letter_token' => Crypt::encryptString($address->token),
                    'letter_token_hash' => $address->hash(),
                    'arrived_at' => $at,
                    ...$stamp,
                ],
            ],
            'job_words' => array_map(
                static fn (string $word): array => ['word' => $word, 'job_id' => $id],
                JobWords::of($name, $phone, '', $model),
            ),
        ];
    }

    /**
     * @param  array<string, mixed>  $course
     *
     * @return list<array<string, mixed>>
     */
    private static function entries(int $id, array $course, int $technician, DateTimeImmutable $at): array
    {
        $rows = [];
        foreach ([...$course['entries'], ...self::HANDED_OVER] as $i => $entry) {
            $rows[] = [
                'job_id' => $id,
                'number' => $i + 1,
                'kind' => $entry['kind'],
                'body' => json_encode(array_diff_key($entry, ['kind' => 1]), JSON_THROW_ON_ERROR),
                'user_id' => $technician,
                'made_at' => $at->modify('+'. 12 * $i.' minutes'),
            ];
        }

        return EntryChain::over($rows);
    }

    /**
     * What statistics want of it: what the core made of the course, and what else a shop would have seen.
     *
     * @param  array<string, mixed>  $course
     * @param  array{suppliers: non-empty-list<string>, ...}  $data
     *
     * @return array<string, mixed>
     */
    private static function facts(array $course, array $data, Draw $draw): array
    {
        $bought = $course['facts']['act'] === 'replace' && $draw->happens(0.8);

        return [
            ...$course['facts'],
            'signs' => json_encode($course['facts']['signs'], JSON_THROW_ON_ERROR),
            'spares' => json_encode($course['facts']['spares'], JSON_THROW_ON_ERROR),
            'supplier' => $bought ? $draw->oneOf($data['suppliers']) : '',
            'dead' => (int) ($bought && $draw->happens(0.04)),
            'bench' => (string) $draw->oneOf([1, 2]),
            'waited_owner' => (int) (1500 * $draw->unit()),
            'waited_part' => $bought ? (int) (4000 * $draw->unit()) : 0,
            'waited_collect' => (int) (3000 * $draw->unit()),
            'in_shop' => 4300 + (int) (3000 * $draw->unit()),
        ];
    }

    /** A tag for each number, in the alphabet of tags. */
    private static function tag(int $id): string
    {
        $letters = 'ABCDEFGHJKLMNPQRSTUVWXYZ';
        $digits = '';
        for ($i = 0, $left = $id; $i < 4; $i++) {
            $digits .= (string) (2 + ($left % 8));
            $left = intdiv($left, 8);
        }

        return $letters[$left % 24].$digits[0].'-'.substr($digits, 1).($left >= 24 ? chr(97 + (intdiv($left, 24) % 26)) : '');
    }
}
