<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Simulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Worlds that are to tell whether the advice holds share only words with the adviser: names of parts, outcomes, looks and deeds. */
final class SharesOnlyWordsTest extends TestCase
{
    /** What they may use of the core: none of it knows how likely anything is. */
    private const ALLOWED = [
        'Catalogue\Catalogue', 'Catalogue\Check', 'Chain\Machine', 'Plain\Draw', 'Plain\Row', 'SetUp\\', 'Simulation\\',
    ];

    /** @return array<string, array{string}> */
    public static function worlds(): array
    {
        return ['circuit' => ['Circuit'], 'stories' => ['Stories']];
    }

    #[DataProvider('worlds')]
    public function test_it_uses_nothing_that_knows_how_likely_anything_is(string $world): void
    {
        $files = glob(dirname(__DIR__, 2)."/src/Simulation/{$world}/*.php") ?: [];
        $this->assertGreaterThan(3, count($files));
        foreach ($files as $file) {
            $code = (string) file_get_contents($file);
            preg_match_all('/^use Orthoscope\\\\Core\\\\(\S+);/m', $code, $found);
            foreach ($found[1] as $used) {
                $shared = array_filter(self::ALLOWED, fn (string $one): bool => str_starts_with($used, $one));
                $this->assertNotSame([], $shared, basename($file)." {$used}");
            }
            $this->assertDoesNotMatchRegularExpression('/catalogue->(faults|numbers?|steps|signs|shows)/', $code);
        }
    }

    public function test_the_adviser_never_reads_a_world(): void
    {
        foreach (['Diagnosis', 'Planning', 'Proving', 'Assessment'] as $room) {
            foreach (glob(dirname(__DIR__, 2)."/src/{$room}/*.php") ?: [] as $file) {
                $this->assertDoesNotMatchRegularExpression('/Simulation|worlds\//', (string) file_get_contents($file), basename($file));
            }
        }
    }
}
