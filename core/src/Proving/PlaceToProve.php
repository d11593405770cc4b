<?php

declare(strict_types=1);

namespace Orthoscope\Core\Proving;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;

/** One place in which a machine is to start and stay up before it is handed back. */
final readonly class PlaceToProve
{
    /**
     * @param  string  $name  in a list, "Out of the case, stays up"
     * @param  string  $short before what was seen there, "out of the case"
     * @param  string  $deed  as the next thing to do, "Prove it out of the case"
     * @param  string  $owed  as what is still to be shown
     * @param  SetUp  $setUp of that start
     * @param  ?int  $entry by which it is shown; null where it is not
     */
    private function __construct(
        public string $name,
        public string $short,
        public string $deed,
        public string $owed,
        public SetUp $setUp,
        public ?int $entry,
    ) {
    }

    /** @return list<self> in the order in which they are proved */
    public static function all(StartsSinceWork $since, Machine $machine): array
    {
        if ($machine->alone !== null) {
            return [self::inGoodMachine($since->outside)];
        }

        return $since->fromOutside
            ? [self::outside($since->outside), self::inside($since->inside, 'Then one')]
            : [self::inside($since->inside, 'A start')];
    }

    /**
     * @param  list<self>  $places
     *
     * @return list<self> those in which it is not proved
     */
    public static function open(array $places): array
    {
        return array_values(array_filter($places, fn (self $place): bool => $place->entry === null));
    }

    /** @return list<array<string, mixed>> the start that went well there, as in a case file */
    public function cleanStart(): array
    {
        $setUp = $this->setUp->toArray();

        return [['kind' => 'start', 'reached' => 'stays', ...$setUp === [] ? [] : ['setup' => $setUp]]];
    }

    private static function outside(?int $entry): self
    {
        return new self(
            'Out of the case, stays up',
            'out of the case',
            'Prove it out of the case',
            'A start out of the case that stays up.',
            new SetUp(place: Place::Bench, startBy: StartBy::Pins),
            $entry,
        );
    }

    private static function inside(?int $entry, string $start): self
    {
        return new self(
            'In the case, by the real button',
            'in the case',
            'Prove it in the case',
            "{$start} in the case, by the real button, that stays up.",
            new SetUp,
            $entry,
        );
    }

    private static function inGoodMachine(?int $entry): self
    {
        return new self(
            'In a known-good machine, stays up',
            'in a good machine',
            'Prove it in a known-good machine',
            'A start in a known-good machine that stays up.',
            new SetUp,
            $entry,
        );
    }
}
