<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Planning\Candidate;

/**
 * What a good technician does without a computer: looks first, follows lamp and stop point, swaps what is cheapest and fits,
 * puts the old part back, and replaces what that shows. It uses no belief. The lists are common practice, no source.
 */
final readonly class ScriptPolicy implements Policy
{
    private const ORDERS = [
        'nothing' => [
            'leads',
            'switch-on',
            'lend-lead',
            'pins',
            'button-meter',
            'plugs-home',
            'supply-tester',
            'lend-supply',
            'devices-out',
            'metal',
            'board-glass',
            'bench',
        ],
        'twitch' => [
            'inside',
            'devices-out',
            'add-in-out',
            'drives-out',
            'card-out',
            'plugs',
            'supply-tester',
            'lend-supply',
            'metal',
            'bench',
            'board-glass',
            'thermal-view',
            'socket-glass',
        ],
        'memory' => [
            'reseat-memory',
            'one-stick',
            'other-slot',
            'clear',
            'lend-stick',
            'clean-memory',
            'socket-glass',
            'reseat-cpu',
            'newer-firmware',
            'processor-host',
            'lend-processor',
            'board-glass',
        ],
        'graphics' => [
            'reseat-card',
            'other-card-slot',
            'lend-card',
            'card-host',
            'add-in-out',
            'clear',
            'reseat-cpu',
            'processor-host',
            'board-glass',
        ],
        'dark' => [
            'inside',
            'screen-look',
            'set-outputs',
            'other-output',
            'lend-video',
            'lend-screen',
            'clear',
            'plugs-home',
            'reseat-memory',
            'one-stick',
            'reseat-card',
            'lend-card',
            'lend-stick',
            'new-cell',
            'supply-tester',
            'lend-supply',
            'board-glass',
            'socket-glass',
            'reseat-cpu',
            'fall-back',
            'write',
            'processor-host',
            'lend-processor',
        ],
        'no-drive' => [
            'settings-look',
            'boot-order',
            'devices-out',
            'plugs-home',
            'drive-listed',
            'ports-on',
            'other-port',
            'drive-host',
            'lend-drive',
        ],
        'no-system' => [
            'drive-health',
            'drive-host',
            'driver-look',
            'right-driver',
            'mend-system',
            'card-identity',
            'lend-drive',
            'memory-test',
        ],
        'drops' => [
            'fans-look',
            'temperature',
            'driver-look',
            'supply-sum',
            'fan-lead',
            'dust',
            'plugs-home',
            'memory-test',
            'supply-tester',
            'repaste',
            'lend-supply',
            'lend-card',
            'right-driver',
            'mend-system',
            'processor-host',
        ],
    ];

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function name(): string
    {
        return 'script';
    }

    public function next(View $view): Move
    {
        $last = $view->record->lastStart();
        $open = [];
        foreach ($view->open() as $candidate) {
            $open[$candidate->step->id] ??= $candidate;
        }
        if ($last === null) {
            return isset($open['start']) ? Move::step($open['start']) : Move::end('handed-on');
        }
        if ($view->cleanStarts() >= 2) {
            return Move::end('finished');
        }
        $found = $this->repairOfWhatWasFound($view);
        $putBack = $view->toPutBack();
        $back = $view->cameBack();

        return match (true) {
            $found !== null => $found,
            $view->cleanStarts() === 1 => isset($open['start']) ? Move::step($open['start']) : Move::end('finished'),
            $putBack !== null => Move::step($putBack),
            $back !== null => Move::repair('replace', $back),
            default => $this->nextInOrder($view, $last, $open),
        };
    }

    /** @param  array<string, Candidate>  $open step => candidate */
    private function nextInOrder(View $view, Start $last, array $open): Move
    {
        foreach (self::ORDERS[$this->situation($view)] as $step) {
            if (isset($open[$step])) {
                return Move::step($open[$step]);
            }
        }
        $rest = array_diff_key($view->replay->model->machine->parts, $view->replay->fitted);

        return match (true) {
            $last->reached === 'stays' => Move::end('finished'),
            isset($rest['board']) => Move::repair('replace', 'board'),
            default => Move::end('handed-on'),
        };
    }

    /** Where it stops as it came, by how far it got and by the lamp, beeps or code. */
    private function situation(View $view): string
    {
        $reached = 'dark';
        $signs = [];
        foreach ($view->record->all(Start::class) as $start) {
            if ($start->setUp->toArray() === [] && $start->reached !== 'stays') {
                [$reached, $signs] = [$start->reached, $start->signs];
            }
        }
        if ($reached !== 'dark') {
            return $reached;
        }
        foreach (['code', 'lamp', 'beeps'] as $channel) {
            if (in_array($signs[$channel] ?? '', ['memory', 'graphics'], true)) {
                return $signs[$channel];
            }
        }

        return 'dark';
    }

    /** The usual repair of what a look or a reading has just found. */
    private function repairOfWhatWasFound(View $view): ?Move
    {
        $last = $view->record->inForce[count($view->record->inForce) - 1];
        if (! ($last instanceof Finding)) {
            return null;
        }
        $shows = $this->catalogue->check($last->check)->result($last->result)->shows;
        $machine = $view->replay->model->machine;
        $likely = array_filter(
            array_map($this->catalogue->fault(...), array_keys($shows)),
            fn (Fault $fault): bool => $machine->ofKind($fault->part) !== [],
        );
        usort($likely, fn (Fault $a, Fault $b): int => $b->prior * $shows[$b->id] <=> $a->prior * $shows[$a->id]);
        if ($likely === []) {
            return null;
        }
        $part = $last->target ?? $machine->ofKind($likely[0]->part)[0]->id;
        $act = $likely[0]->usualRepair();
        $carrier = $machine->part($part)->kind->carrier;

        return Move::repair($act, $this->catalogue->act($act)->buysPart && $carrier !== null ? $carrier : $part);
    }
}
