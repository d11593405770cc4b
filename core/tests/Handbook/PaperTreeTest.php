<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Handbook;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Modes;
use Orthoscope\Core\Diagnosis\Prior;
use Orthoscope\Core\Diagnosis\StartModel;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Handbook\Branch;
use Orthoscope\Core\Handbook\PaperTree;
use Orthoscope\Core\Handbook\Twig;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Simulation\Bench;
use Orthoscope\Core\Simulation\CatalogueMachine;
use Orthoscope\Core\Simulation\HiddenMachine;
use Orthoscope\Core\Simulation\Luck;
use Orthoscope\Core\Tests\Support\Bench as Words;
use PHPUnit\Framework\TestCase;

/**
 * A tree on paper reaches the right part as often as it claims, on fresh machines that behave as the catalogue says. It shares the
 * catalogue with them: this holds the tree to its own claim, and says nothing of other worlds.
 */
final class PaperTreeTest extends TestCase
{
    private const EQUIPMENT = ['card' => true, 'drives' => 1, 'facts' => ['status_lamps' => true, 'own_graphics' => true]];

    private const WALKS = 300;

    private static ?PaperTree $tree = null;

    private static function tree(): PaperTree
    {
        return self::$tree ??= PaperTree::of(self::EQUIPMENT, 'nothing', Words::catalogue());
    }

    public function test_it_ends_at_the_right_part_as_often_as_it_claims(): void
    {
        $tree = self::tree();
        $this->assertNotNull($tree->root->step);
        $claim = $tree->root->right();
        $this->assertGreaterThan(0.3, $claim);
        $walks = $right = 0;
        foreach ($this->machines() as $hidden) {
            $bench = new Bench(Words::catalogue(), $hidden);
            $bench->start(new SetUp);
            if ($bench->record()->lastStart()?->reached !== 'nothing') {
                continue;
            }
            $end = self::walked($tree->root, $bench);
            $right += $end !== null && isset($hidden->atFault()[$end->part]) ? 1 : 0;
            if (++$walks === self::WALKS) {
                break;
            }
        }
        $this->assertSame(self::WALKS, $walks);
        $spread = sqrt($claim * (1 - $claim) / $walks);
        $this->assertGreaterThan($claim - 3 * $spread, $right / $walks, "It claims {$claim}.");
        $this->assertLessThan($claim + 0.15, $right / $walks, 'It claims so little that it says nothing.');
    }

    public function test_every_branch_ends_and_says_what_to_do(): void
    {
        $tree = self::tree();
        $ends = 0;
        $look = function (Twig $twig, int $deep) use (&$look, &$ends): void {
            $this->assertLessThanOrEqual(6, $deep);
            if ($twig->step === null) {
                $ends++;
                $this->assertNotSame('', $twig->name);

                return;
            }
            $this->assertLessThanOrEqual(1.0 + 1e-9, array_sum(array_map(fn (Branch $branch): float => $branch->chance, $twig->branches)));
            foreach ($twig->branches as $branch) {
                $look($branch->then, $deep + 1);
            }
        };
        $look($tree->root, 0);
        $this->assertGreaterThan(5, $ends);
        $this->assertGreaterThan(3.0, $tree->root->minutes());
    }

    /** @return iterable<HiddenMachine> of this equipment, with faults as often as the catalogue says */
    private function machines(): iterable
    {
        $catalogue = Words::catalogue();
        $machine = Machine::fromArray(self::EQUIPMENT, $catalogue);
        $idle = array_values(array_diff(array_column($machine->ofKind('slot'), 'id'), $machine->slots));
        $modes = Modes::of($machine, $catalogue, CatalogueMachine::spares($machine), $idle);
        $model = new StartModel($machine, $catalogue, $modes);
        $sets = $weights = [];
        foreach ((new Prior($modes, $catalogue, []))->belief(0.0)->sets() as [$set, $p]) {
            if ($set !== [] && $modes->all[$set[0]]->fault->part !== 'outside') {
                [$sets[], $weights[]] = [$set, $p];
            }
        }
        for ($i = 0; $i < 40 * self::WALKS; $i++) {
            $draw = Draw::from("tree {$i}");
            yield new CatalogueMachine($model, $sets[$draw->weighed($weights)], 'none', Luck::asItComes($draw));
        }
    }

    /** Where a walk ends; null where the machine shows what is on no branch. */
    private static function walked(Twig $twig, Bench $bench): ?Twig
    {
        while ($twig->step !== null) {
            $bench->take($twig->step);
            $next = null;
            foreach ($twig->branches as $branch) {
                if (self::shows($bench, $branch)) {
                    $next = $branch->then;
                    break;
                }
            }
            if ($next === null) {
                return null;
            }
            $twig = $next;
        }

        return $twig;
    }

    private static function shows(Bench $bench, Branch $branch): bool
    {
        $entries = $bench->record()->entries;
        $last = $entries[count($entries) - 1];

        return match (true) {
            $last instanceof Start => $last->reached === $branch->result && array_diff_assoc($branch->signs, $last->signs) === [],
            $last instanceof Finding => $last->result === $branch->result,
            default => false,
        };
    }
}
