<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Simulation\Figures;
use Orthoscope\Core\Simulation\Result;
use Orthoscope\Core\Simulation\Simulation;
use RuntimeException;

/** Plays many simulated jobs, shared out over worker processes, and adds up what came of them. */
final readonly class SimulateCommand
{
    /** Workers run compiled where this PHP can do so: nearly twice as fast, with the same results. */
    private const COMPILED = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit_buffer_size=128M', '-d', 'opcache.jit=tracing'];

    /**
     * @param  list<string>  $policies
     * @param  int  $workers processes to share the jobs over
     */
    public function __construct(
        private Catalogue $catalogue,
        private int $jobs,
        private string $seed,
        private array $policies,
        private float $perturb,
        private ?float $doubles,
        private string $world,
        private int $workers,
    ) {
    }

    /** @return array<string, mixed> */
    public function figures(): array
    {
        $results = $this->workers === 1 ? $this->slice(0, 1) : $this->shared();
        $figures = [
            'jobs' => $this->jobs,
            'seed' => $this->seed,
            'world' => $this->world,
            'perturb' => $this->perturb,
            'doubles' => $this->doubles ?? $this->catalogue->number('double_share'),
            'policies' => array_map(Figures::of(...), $results),
            'bound' => ['minutes' => Figures::bound($results[array_key_first($results)])],
        ];
        foreach (array_diff(array_keys($results), ['planner']) as $other) {
            if (isset($results['planner'])) {
                $figures['planner_against'][$other] = Figures::ratio($results['planner'], $results[$other]);
            }
        }

        return $figures;
    }

    /**
     * Every so-many-th job, in order.
     *
     * @return array<string, non-empty-list<Result>>
     */
    public function slice(int $worker, int $workers): array
    {
        $simulation = new Simulation($this->catalogue, $this->seed, $this->perturb, $this->doubles, $this->world);
        $results = [];
        foreach ($this->policies as $policy) {
            for ($job = $worker; $job < $this->jobs; $job += $workers) {
                $results[$policy][] = $simulation->play($job, $policy);
            }
        }

        return $results;
    }

    /** @return array<string, non-empty-list<Result>> */
    private function shared(): array
    {
        $running = array_map($this->worker(...), range(0, $this->workers - 1));
        $byJob = [];
        foreach ($running as $worker => [$process, $pipe]) {
            $written = stream_get_contents($pipe);
            fclose($pipe);
            if (proc_close($process) !== 0) {
                throw new RuntimeException('A worker process of the simulation failed; see what it printed above.');
            }
            /** @var array<string, list<Result>> $slice */
            $slice = unserialize((string) base64_decode((string) $written), ['allowed_classes' => [Result::class]]);
            foreach ($slice as $policy => $results) {
                foreach ($results as $i => $result) {
                    $byJob[$policy][$worker + $i * $this->workers] = $result;
                }
            }
        }
        $all = [];
        foreach ($byJob as $policy => $results) {
            ksort($results);
            $all[$policy] = array_values($results);
        }

        return $all;
    }

    /** @return array{resource, resource} a process that plays its share, and what it prints */
    private function worker(int $worker): array
    {
        $command = [PHP_BINARY, ...self::COMPILED, dirname(__DIR__, 2).'/bin/orthoscope', 'simulate'];
        $options = [
            'jobs' => (string) $this->jobs,
            'seed' => $this->seed,
            'policy' => implode(',', $this->policies),
            'perturb' => (string) $this->perturb,
            'world' => $this->world,
            'slice' => "{$worker}/{$this->workers}",
            ...$this->doubles === null ? [] : ['doubles' => (string) $this->doubles],
        ];
        foreach ($options as $name => $value) {
            array_push($command, "--{$name}", $value);
        }
        $process = proc_open($command, [1 => ['pipe', 'w'], 2 => STDERR], $pipes);

        return $process === false ? throw new RuntimeException('A worker process could not be started.') : [$process, $pipes[1]];
    }
}
