<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\CommandLine;

use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** The command line as another program meets it: a process, its output, its exit status. */
final class CommandLineTest extends TestCase
{
    /** What plays machines takes half as long as machine code. */
    private const COMPILED = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit_buffer_size=64M', '-d', 'opcache.jit=tracing'];

    /** @var list<string> */
    private array $files = [];

    protected function tearDown(): void
    {
        array_map(unlink(...), $this->files);
    }

    public function test_diagnose_gives_all_promised_keys(): void
    {
        [$status, $out] = $this->call('diagnose', $this->file(Bench::json([['kind' => 'start', 'reached' => 'dark', 'waited' => 90]])));
        $this->assertSame(0, $status);
        $data = json_decode($out, true, 32, JSON_THROW_ON_ERROR);
        foreach (['parts', 'faults', 'sets', 'repairs', 'carriers', 'surprise', 'next', 'stop', 'retrace', 'proved'] as $key) {
            $this->assertArrayHasKey($key, $data);
        }
        $this->assertSame(['part', 'name', 'standing', 'probability', 'stated', 'now', 'state', 'because'], array_keys($data['parts'][0]));
        foreach (['action', 'target', 'minutes', 'why', 'outcomes', 'locked_by', 'expected_minutes_after'] as $key) {
            $this->assertArrayHasKey($key, $data['next'][0]);
        }
        $sum = array_sum(array_column($data['next'][0]['outcomes'], 'probability'));
        $this->assertGreaterThan(0.5, $sum);
        $this->assertLessThanOrEqual(1.001, $sum);
    }

    public function test_diagnose_in_words(): void
    {
        [$status, $out] = $this->call('diagnose', $this->file(Bench::json([['kind' => 'start', 'reached' => 'nothing']])), '--text');
        $this->assertSame(0, $status);
        $this->assertStringContainsString('S Supply', $out);
        $this->assertStringContainsString('Next:', $out);
    }

    public function test_diagnose_as_it_stood_after_an_entry(): void
    {
        $file = $this->file(
            Bench::json([['kind' => 'start', 'reached' => 'nothing'], ['kind' => 'finding', 'check' => 'supply-test', 'result' => 'fail']]),
        );
        $standing = function (string ...$more) use ($file): string {
            $data = json_decode($this->call('diagnose', $file, ...$more)[1], true, 32, JSON_THROW_ON_ERROR);

            return array_column($data['parts'], 'standing', 'part')['supply'];
        };
        $this->assertSame('suspect', $standing('--upto', '1'));
        $this->assertSame('condemned', $standing());
    }

    public function test_explain_tells_how_each_entry_moved_a_part(): void
    {
        $file = $this->file(
            Bench::json([['kind' => 'start', 'reached' => 'nothing'], ['kind' => 'finding', 'check' => 'supply-test', 'result' => 'fail']]),
        );
        [$status, $out] = $this->call('explain', $file, '--part', 'supply');
        $this->assertSame(0, $status);
        $this->assertMatchesRegularExpression('/^Supply: condemned, 9\d\.\d %\n  entry 2: the fault was seen or measured/', $out);
        preg_match_all('/^ +([\d.]+) %  (?:before|\d)/m', $out, $moves);
        $this->assertStringContainsString(
            'What would move it:',
            $this->call('explain', $this->file(Bench::json([['kind' => 'start', 'reached' => 'nothing']])), '--part', 'supply')[1],
        );
        $this->assertCount(3, $moves[1]);
        $this->assertLessThan($moves[1][1], $moves[1][0]);
        $this->assertLessThan($moves[1][2], $moves[1][1]);
        [$status, , $err] = $this->call('explain', $file, '--part', 'suply');
        $this->assertSame(1, $status);
        $this->assertStringContainsString('Did you mean "supply"?', $err);
    }

    public function test_vocabulary_holds_every_word(): void
    {
        [$status, $out] = $this->call('vocabulary');
        $this->assertSame(0, $status);
        $data = json_decode($out, true, 32, JSON_THROW_ON_ERROR);
        $atLeast = [
            'parts' => 28,
            'faults' => 80,
            'checks' => 25,
            'actions' => 60,
            'stages' => 12,
            'signs' => 9,
            'acts' => 30,
            'schools' => 4,
        ];
        foreach ($atLeast as $key => $least) {
            $this->assertGreaterThanOrEqual($least, count($data[$key]), $key);
            $this->assertNotEmpty($data[$key][0]['name']);
        }
        $this->assertNotEmpty($data['faults'][0]['plain']);
        $this->assertSame('now and then', $data['manners']['often']['sometimes']);
    }

    public function test_mistakes_end_with_status_one_and_a_sentence(): void
    {
        $file = $this->file(Bench::json([['kind' => 'start', 'reached' => 'drak']]));
        [$status, , $err] = $this->call('diagnose', $file);
        $this->assertSame(1, $status);
        $this->assertStringContainsString('/entries/0/reached: "drak" is not a known outcome of a start. Did you mean "dark"?', $err);
        [$status, $out] = $this->call('validate', $file);
        $this->assertSame(1, $status);
        $this->assertStringStartsWith('line 1: /entries/0/reached: ', $out);
        $this->assertStringContainsString('Did you mean "dark"?', $out);
        file_put_contents($file, "{\n  \"format\": \"orthoscope-case/1\",\n  oops\n}");
        $this->assertStringStartsWith('line 3: This is not JSON', $this->call('validate', $file)[1]);
        [$status, , $err] = $this->call('diagnose', '/nowhere.json');
        $this->assertSame(1, $status);
        $this->assertStringContainsString('no readable file', $err);
    }

    public function test_patterns_and_forecasts_are_measured(): void
    {
        [$status, $out] = $this->call('patterns', '--years', '1', '--seed', 'cli', '--json');
        $this->assertSame(0, $status);
        $figures = json_decode($out, true, 16, JSON_THROW_ON_ERROR);
        $this->assertSame([1, 'cli', 1000], [$figures['years'], $figures['seed'], $figures['jobs']]);
        $this->assertArrayHasKey('false_a_year', $figures);
        [$status, $out] = $this->call('forecast', '--jobs', '2', '--seed', 'cli', '--json');
        $this->assertSame(0, $status);
        $figures = json_decode($out, true, 16, JSON_THROW_ON_ERROR);
        $this->assertSame($figures['moments'], array_sum(array_column($figures['by'], 'of')));
        $this->assertGreaterThan(1, $figures['moments']);
    }

    public function test_simulate_says_how_each_policy_did(): void
    {
        $figures = $this->simulated('--jobs', '1', '--policy', 'planner,script');
        $this->assertSame(['jobs', 'seed', 'world', 'perturb', 'doubles', 'policies', 'bound', 'planner_against'], array_keys($figures));
        $this->assertSame(1, $figures['policies']['planner']['jobs']);
        $this->assertSame(['ratio', 'low', 'high'], array_keys($figures['planner_against']['script']));
        foreach (['mean', 'median', 'p90'] as $key) {
            $this->assertGreaterThan(0, $figures['policies']['script']['minutes'][$key]);
        }
    }

    public function test_simulate_gives_the_same_figures_whatever_the_workers(): void
    {
        $script = ['--jobs', '4', '--policy', 'script'];
        $alone = $this->simulated(...$script);
        $this->assertSame(4, $alone['policies']['script']['jobs']);
        $this->assertSame($alone, $this->simulated(...$script, ...['--workers', '2']));
    }

    /** @return array<string, mixed> */
    private function simulated(string ...$more): array
    {
        [$status, $out] = $this->call('simulate', '--seed', 'cli', '--doubles', '0', '--json', ...$more);
        $this->assertSame(0, $status);

        return json_decode($out, true, 32, JSON_THROW_ON_ERROR);
    }

    public function test_bench_measures_every_length_of_record(): void
    {
        [$status, $out] = $this->call('bench', '--records', '1', '--json');
        $this->assertSame(0, $status);
        $rows = json_decode($out, true, 32, JSON_THROW_ON_ERROR)['milliseconds'];
        $this->assertSame([5, 15, 30, 60], array_column($rows, 'entries'));
        foreach ($rows as $row) {
            $this->assertGreaterThan(0.0, $row['one_more_entry']['median']);
            $this->assertGreaterThan(0, $row['hypotheses']);
        }
    }

    public function test_misuse_ends_with_status_two(): void
    {
        foreach (
            [
                ['diagnoze'],
                ['diagnose'],
                [],
                ['simulate', '--jobs', 'many'],
                ['simulate', '--policy', 'planer'],
                ['simulate', '--world', 'soft'],
                ['diagnose', 'x', '--upto', 'y'],
            ] as $words
        ) {
            [$status, , $err] = $this->call(...$words);
            $this->assertSame(2, $status);
            $this->assertStringContainsString('orthoscope diagnose FILE', $err);
        }
        $this->assertSame(0, $this->call('check-catalogue')[0]);
    }

    /** @return array{int, string, string} */
    private function call(string ...$words): array
    {
        $process = proc_open(
            [PHP_BINARY, ...self::COMPILED, dirname(__DIR__, 2).'/bin/orthoscope', ...$words],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
        );
        assert(is_resource($process));
        $out = (string) stream_get_contents($pipes[1]);
        $err = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $err];
    }

    private function file(string $json): string
    {
        $this->files[] = $file = (string) tempnam(sys_get_temp_dir(), 'case');
        file_put_contents($file, $json);

        return $file;
    }
}
