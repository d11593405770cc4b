<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;

/** The first start here: whether it shows the machine as it came, and how it was made, in words for its owner. */
final readonly class FirstStart
{
    /**
     * @param  bool  $changed a part of ours was in it, or one was out
     * @param  bool  $workedOn it was dried, or mended, before it was started at all
     */
    private function __construct(public Start $start, public bool $changed, public bool $workedOn, private bool $alone)
    {
    }

    /** Null where it was never started. */
    public static function in(Record $record, Machine $machine, Catalogue $catalogue): ?self
    {
        $start = $record->all(Start::class)[0] ?? null;
        if ($start === null) {
            return null;
        }
        $before = array_filter(
            $record->all(ActDone::class),
            fn (ActDone $act): bool => $act->number < $start->number && $act->isWork($catalogue),
        );

        return new self($start, $start->setUp->lent !== [] || $start->setUp->out !== [], $before !== [], $machine->alone !== null);
    }

    /** "We started it as it came". */
    public function how(): string
    {
        $with = $this->changed ? ' with a part of ours in it, or one taken out' : '';

        return match (true) {
            $this->alone => 'We tried it in a machine of ours',
            $this->workedOn => "We worked on it first. Then we started it{$with}",
            $this->changed => "We started it{$with}",
            default => 'We started it as it came',
        };
    }
}
