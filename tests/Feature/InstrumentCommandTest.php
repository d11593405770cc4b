<?php

declare(strict_types=1);

namespace Tests\Feature;

use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\OnItsOwnDatabase;
use Tests\Support\OwnDatabase;

/** A simulated instrument sends to a bench over the command line, as bin/instrument does. */
final class InstrumentCommandTest extends TestCase
{
    use OnItsOwnDatabase;

    public function test_a_reading_goes_from_the_instrument_to_the_bench(): void
    {
        $env = $this->own->env();
        $this->command(['artisan', 'migrate', '--force'], $env)->mustRun();
        $json = $this->command(['core/bin/orthoscope', 'instrument', 'bench-supply', '--fault', 'short', '--seed', '7'], $env)
            ->mustRun()
            ->getOutput();
        $this->command(['artisan', 'readings:receive', '2'], $env, $json)->mustRun();
        $rows = $this->rows($this->own);
        $this->assertCount(1, $rows);
        $this->assertSame(
            [2, 'Bench supply', 'standby-current'],
            [(int) $rows[0]['bench'], $rows[0]['instrument'], json_decode($rows[0]['body'], true)['check']],
        );
        $this->assertEqualsWithDelta(3.0, json_decode($rows[0]['body'], true)['values']['amps'], 0.2);

        // A bench nobody has, and something that is no reading: one sentence, and nothing is taken in.
        foreach ([['9', $json, 'There are 2 benches'], ['1', '{', 'This is no JSON']] as [$bench, $input, $sentence]) {
            $refused = $this->command(['artisan', 'readings:receive', $bench], $env, $input);
            $this->assertSame(1, $refused->run());
            $this->assertStringContainsString($sentence, $refused->getErrorOutput());
        }
        $this->assertCount(1, $this->rows($this->own));
    }

    public function test_an_instrument_or_fault_nobody_knows_is_told(): void
    {
        $unknown = $this->command(['core/bin/orthoscope', 'instrument', 'metre'], []);
        $this->assertSame(2, $unknown->run());
        $this->assertStringContainsString('Did you mean "meter"?', $unknown->getErrorOutput());
        $fault = $this->command(['core/bin/orthoscope', 'instrument', 'meter', '--fault', 'rust'], []);
        $this->assertSame(2, $fault->run());
        $this->assertStringContainsString('it plays none, flat-cell, no-mains', $fault->getErrorOutput());
    }

    /** @return list<array<string, mixed>> */
    private function rows(OwnDatabase $own): array
    {
        $statement = $own->pdo()->query('select bench, instrument, body from readings');
        assert($statement !== false);

        return $statement->fetchAll(PDO::FETCH_ASSOC);
    }

    /**
     * @param  list<string>  $words
     * @param  array<string, string>  $env
     */
    private function command(array $words, array $env, ?string $input = null): Process
    {
        return new Process([PHP_BINARY, ...$words], dirname(__DIR__, 2), $env, $input, 120);
    }
}
