<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Simulation;

use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Simulation\ClosingRule;
use Orthoscope\Core\Simulation\SchoolPolicy;
use Orthoscope\Core\Simulation\ScriptPolicy;
use Orthoscope\Core\Simulation\View;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class PolicyTest extends TestCase
{
    private const NOTHING = ['kind' => 'start', 'reached' => 'nothing'];

    private const GOOD = ['kind' => 'start', 'reached' => 'stays'];

    private const LENT = [
        'kind' => 'start',
        'reached' => 'stays',
        'setup' => ['lent' => ['supply' => ['tag' => 'any-supply', 'trust' => 0.97]]],
    ];

    public function test_a_school_follows_its_order(): void
    {
        $first = fn (string $school, array $entries): ?string => (new SchoolPolicy(Bench::catalogue()->schools[$school]))
            ->next($this->view($entries))
            ->step?->id();
        $this->assertSame('start', $first('power-first', []));
        $this->assertSame('leads', $first('power-first', [self::NOTHING]));
        $this->assertSame('inside', $first('strip-first', [self::NOTHING]));
        $this->assertSame('screen-look', $first('screen-first', [self::NOTHING]));
        $this->assertSame(2, Bench::catalogue()->steps[(string) $first('cheapest-first', [self::NOTHING])]->minutes);
    }

    public function test_every_policy_puts_the_old_part_back_after_a_swap_that_cured(): void
    {
        $entries = [self::NOTHING, self::LENT];
        $this->assertSame(
            'put-back:supply',
            (new SchoolPolicy(Bench::catalogue()->schools['power-first']))->next($this->view($entries))->step?->id(),
        );
        $this->assertSame('put-back:supply', (new ScriptPolicy(Bench::catalogue()))->next($this->view($entries))->step?->id());
    }

    public function test_the_script_replaces_what_failed_when_it_was_put_back(): void
    {
        $move = (new ScriptPolicy(Bench::catalogue()))->next($this->view([self::NOTHING, self::LENT, self::NOTHING]));
        $this->assertSame(['replace', 'supply'], [$move->act, $move->part]);
    }

    public function test_the_script_repairs_what_a_look_found(): void
    {
        $move = (new ScriptPolicy(Bench::catalogue()))->next(
            $this->view([self::NOTHING, ['kind' => 'finding', 'check' => 'look-leads', 'result' => 'off']]),
        );
        $this->assertSame(['switch-on', 'wall-lead'], [$move->act, $move->part]);
    }

    public function test_the_script_follows_the_lamp(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'signs' => ['lamp' => 'memory']];
        $this->assertSame(
            'reseat-memory',
            (new ScriptPolicy(Bench::catalogue()))->next($this->view([$dark], ['facts' => ['status_lamps' => true]]))->step?->id(),
        );
    }

    public function test_a_machine_that_runs_is_proved_and_then_handed_back(): void
    {
        $cured = [['kind' => 'start', 'reached' => 'dark'], ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']]];
        $this->assertNull(ClosingRule::move($this->view($cured)));
        $this->assertNotNull(ClosingRule::move($this->view([...$cured, self::GOOD]))?->startsAgain);
        $this->assertSame(
            'finished',
            ClosingRule::move(
                $this->view([
                    ...$cured,
                    [...self::GOOD, 'times' => 9],
                    [...self::GOOD, 'setup' => ['goal' => 'load', 'temperature' => 'warm']],
                ]),
            )?->end,
        );
        $this->assertNull(ClosingRule::move($this->view([...$cured, self::LENT])));
    }

    public function test_what_did_not_stay_up_is_run_at_work_before_it_is_handed_back(): void
    {
        $work = [...self::GOOD, 'setup' => ['goal' => 'load']];
        $next = fn (array ...$then): ?string => ClosingRule::move(
            $this->view([
                ['kind' => 'report', 'reached' => 'drops'],
                ['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler']],
                ...array_values($then),
            ]),
        )?->startsAgain?->goal->value;
        $ten = [...self::GOOD, 'times' => 10];
        $this->assertSame('load', $next($ten));
        $this->assertNull($next($ten, $work, $work));
        $this->assertSame('load', $next($work, ['kind' => 'act', 'act' => 'reseat', 'on' => ['drive-lead']], $ten));
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $machine
     */
    private function view(array $entries, array $machine = []): View
    {
        $case = Bench::case($entries, $machine);

        return new View(
            Bench::catalogue(),
            Replay::of($case->machine, $case->record, Bench::catalogue(), [['any-supply', 'supply']]),
            $case->record,
            Shelf::wellStocked(Bench::catalogue()),
        );
    }
}
