<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Modes;
use Orthoscope\Core\Diagnosis\Prior;
use Orthoscope\Core\Diagnosis\StartModel;
use Orthoscope\Core\Plain\Draw;

/** Machines that behave as a catalogue says, drawn as often as it says. No cause is outside it. */
final readonly class FriendlyWorld implements World
{
    /** @param  Catalogue  $catalogue what is true in this world; the adviser may believe another */
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function machine(Draw $draw): HiddenMachine
    {
        $machine = Machine::fromArray(Stock::machine($draw), $this->catalogue);
        $modes = CatalogueMachine::modes($machine, $this->catalogue);
        $model = new StartModel($machine, $this->catalogue, $modes);
        $faults = $this->faults($modes, $draw);

        return new CatalogueMachine($model, $faults, LikelyEvent::drawn($this->catalogue, $modes, $faults, $draw), Luck::asItComes($draw));
    }

    /** @return list<int> */
    private function faults(Modes $modes, Draw $draw): array
    {
        $shares = array_filter(
            (new Prior($modes, $this->catalogue, []))->likeliestFirst(),
            fn (int $set): bool => $modes->all[Prior::faultsOf($set)[0]]->fault->part !== 'outside',
            ARRAY_FILTER_USE_KEY,
        );

        return Prior::faultsOf((int) $draw->weighed($shares));
    }
}
