<?php

declare(strict_types=1);

namespace Tests\Feature;

use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\OnItsOwnDatabase;

/** Two technicians write on one job at the same moment, from two processes: nothing is lost and no number is used twice. */
final class TwoWritersTest extends TestCase
{
    use OnItsOwnDatabase;

    private const EACH = 6;

    public function test_nothing_is_lost(): void
    {
        $root = dirname(__DIR__, 2);
        $env = $this->own->env();
        (new Process([PHP_BINARY, 'artisan', 'migrate', '--force'], $root, $env))->mustRun();
        (new Process(
            [
                PHP_BINARY,
                '-r',
                $this->script(
                    '(new Database\Seeders\PeopleSeeder)->run(); '
                .'app(App\UseCases\Jobs\TakeInMachine::class)->takeIn(App\Models\User::query()->firstOrFail(), '
                .'["name" => "Mira", "phone" => "1", "email" => ""], '
                .'["model" => "Heron"], [["kind" => "report", "text" => "dead"]], "K2-222");',
                ),
            ],
            $root,
            $env,
        ))->mustRun();

        $writers = [];
        foreach (['piet', 'rhea'] as $who) {
            $writers[$who] = new Process(
                [
                    PHP_BINARY,
                    '-r',
                    $this->script(
                        '$job = App\Models\Job::query()->where("tag", "K2-222")->firstOrFail(); $by = '
                            .'App\Models\User::query()->where("email", "'
                            .$who
                            .'")->firstOrFail();'
                            .'for ($i = 0; $i < '
                            .self::EACH
                            .'; $i++) { app(App\UseCases\Jobs\RecordEntries::class)->record($job, $by, [["kind" => "note", "text" => "'
                            .$who
                            .' {$i}"], ["kind" => "note", "text" => "'
                            .$who
                            .' {$i} again"]]); }',
                    ),
                ],
                $root,
                $env,
                null,
                120,
            );
            $writers[$who]->start();
        }
        foreach ($writers as $who => $writer) {
            $this->assertSame(0, $writer->wait(), $who.$writer->getErrorOutput().$writer->getOutput());
        }

        $pdo = $this->own->pdo();
        $rows = $this->rows($pdo, 'select number, user_id, body from entries order by number');
        $this->assertSame(range(1, 1 + 4 * self::EACH), array_map(intval(...), array_column($rows, 'number')));
        // The two entries of one writing stand together: all or none, and nobody between them.
        foreach (array_chunk(array_slice($rows, 1), 2) as [$first, $second]) {
            $this->assertSame($first['user_id'], $second['user_id']);
            $this->assertSame(str_replace('"}', ' again"}', $first['body']), $second['body']);
        }
        $this->assertSame(1 + 4 * self::EACH, (int) $this->rows($pdo, 'select entries from summaries')[0]['entries']);
    }

    /** Two benches lend the same six spares at the same time: each goes to exactly one, and the other is told who has it. */
    public function test_a_spare_that_two_lend_at_once_goes_to_one(): void
    {
        $root = dirname(__DIR__, 2);
        $env = $this->own->env();
        (new Process([PHP_BINARY, 'artisan', 'migrate', '--force'], $root, $env))->mustRun();
        (new Process(
            [
                PHP_BINARY,
                '-r',
                $this->script(
                    '(new Database\\Seeders\\PeopleSeeder)->run(); foreach (["K2-222", "K2-223"] as $tag) { '
                .'app(App\\UseCases\\Jobs\\TakeInMachine::class)->takeIn(App\\Models\\User::query()->firstOrFail(), '
                .'["name" => "Mira", "phone" => "1", "email" => ""], '
                .'["model" => "Heron"], [["kind" => "report", "text" => "dead"]], $tag); }'
                        .'for ($i = 0; $i < '
                        .self::EACH
                        .'; $i++) { app(App\\UseCases\\Parts\\SpareBook::class)->add('
                .'new Orthoscope\Core\Shelf\NewSpare("S-{$i}", "supply", "x", 100, "new", ""), null); }',
                ),
            ],
            $root,
            $env,
        ))->mustRun();
        $lenders = [];
        foreach (['piet' => 'K2-222', 'rhea' => 'K2-223'] as $who => $tag) {
            $lenders[$who] = new Process(
                [
                    PHP_BINARY,
                    '-r',
                    $this->script(
                        '$job = App\\Models\\Job::query()->where("tag", "'
                            .$tag
                            .'")->firstOrFail(); $by = App\\Models\\User::query()->where("email", "'
                            .$who
                            .'")->firstOrFail();'
                            .'for ($i = 0; $i < '
                            .self::EACH
                            .'; $i++) { try { app(App\\UseCases\\Jobs\\RecordEntries::class)->record($job, $by, [["kind" => "start", '
                                .'"reached" => "nothing", "setup" => ["lent" => ["supply" => ["tag" => "S-{$i}"]]]]]); echo "lent "; '
                                    .'} catch (Orthoscope\\Core\\Evidence\\CaseMistake $told) { echo str_contains($told->sentence, '
                                        .'"is lent to") ? "told " : $told->sentence; } }',
                    ),
                ],
                $root,
                $env,
                null,
                120,
            );
            $lenders[$who]->start();
        }
        $said = '';
        foreach ($lenders as $who => $lender) {
            $this->assertSame(0, $lender->wait(), $who.$lender->getErrorOutput().$lender->getOutput());
            $said .= $lender->getOutput();
        }
        $pdo = $this->own->pdo();
        $this->assertSame([self::EACH, self::EACH], [substr_count($said, 'lent '), substr_count($said, 'told ')], $said);
        $this->assertCount(self::EACH, $this->rows($pdo, 'select distinct spare_id from loans where back_at is null'));
        $this->assertCount(self::EACH, $this->rows($pdo, 'select id from loans'));
        $this->assertCount(self::EACH, $this->rows($pdo, "select id from entries where kind = 'start'"));
    }

    /** @return list<array<string, mixed>> */
    private function rows(PDO $pdo, string $query): array
    {
        $statement = $pdo->query($query);
        assert($statement !== false);

        return $statement->fetchAll(PDO::FETCH_ASSOC);
    }

    private function script(string $code): string
    {
        return 'require "vendor/autoload.php"; $app = require "bootstrap/app.php"; '
            .'$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap(); '
            .$code;
    }
}
