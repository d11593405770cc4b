<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** A thing that can be wrong with a kind of part. */
final readonly class Fault
{
    /**
     * @param  string  $shows  manner of showing: a key of the catalogue's `shows`
     * @param  float  $prior  jobs in a thousand, before anything is known
     * @param  array<string, float>  $cures  act => share of times it cures; the first is the usual repair
     * @param  array<string, array<string, float>>  $signs  sign channel => value => share, in place of the sign tables
     * @param  float  $harms  chance that it harms a good part lent to the machine
     * @param  list<array{stops: string, share: float}>  $ways stages it may stop, one drawn for good; "none" = no start shows it
     * @param  float  $arises chance that moving the part brings it about
     * @param  ?string  $with kind of part it refuses: it is there only while the machine's own of that kind is in; neither is bad by itself
     * @param  array<string, float>  $withCures  act on the refused part => share of times it cures
     * @param  bool  $steady a state that no cold, heat or work changes
     * @param  bool  $wanders stops now this start, now that, at any of its stages; else it is drawn for good which one
     * @param  array<string, float>  $comesWith kind of part => chance that another one of it, fitted for good, brings it
     * @param  ?string  $empty what its owner reads while such a part has been fitted and nothing done about it
     * @param  bool  $comesIn it is there though its part stayed with its owner
     * @param  bool  $eachChannel one such fault for every memory channel of the board
     */
    public function __construct(
        public string $id,
        public string $part,
        public string $name,
        public string $plain,
        public string $shows,
        public float $prior,
        public array $cures,
        public array $signs,
        public array $ways,
        public float $harms = 0.0,
        public float $arises = 0.0,
        public bool $eachChannel = false,
        public bool $steady = false,
        public bool $wanders = false,
        public ?string $with = null,
        public array $withCures = [],
        public bool $comesIn = false,
        public array $comesWith = [],
        public ?string $empty = null,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        $ways = $row->has('ways') ? $row->rows('ways') : [Row::of(['stops' => $row->text('stops'), 'share' => 1.0], $row->where)];

        return new self(
            id: $row->text('id'),
            part: $row->text('part'),
            name: $row->text('name'),
            plain: $row->text('plain'),
            shows: $row->text('shows'),
            prior: $row->number('prior'),
            cures: $row->numberByName('cures'),
            signs: array_map(fn (Row $of): array => $of->numbers(), $row->has('signs') ? $row->rowByName('signs') : []),
            ways: array_map(fn (Row $way): array => ['stops' => $way->text('stops'), 'share' => $way->number('share')], $ways),
            harms: $row->number('harms', 0.0),
            arises: $row->number('arises', 0.0),
            eachChannel: $row->textOrNull('each') === 'channel',
            steady: $row->flag('steady'),
            wanders: $row->flag('wanders'),
            with: $row->textOrNull('with'),
            withCures: $row->has('with_cures') ? $row->numberByName('with_cures') : [],
            comesIn: $row->flag('comes_in'),
            comesWith: $row->has('comes_with') ? $row->numberByName('comes_with') : [],
            empty: $row->textOrNull('empty'),
        );
    }

    /** The same of a part that stayed with its owner: what to do is told, and helps as often as the best that could be done here. */
    public function atHome(): self
    {
        return new self(
            id: $this->id,
            part: $this->part,
            name: $this->name,
            plain: $this->plain,
            shows: $this->shows,
            prior: $this->prior,
            cures: [Act::ADVISE => max([0.0, ...array_values($this->cures)])],
            signs: $this->signs,
            ways: $this->ways,
            harms: $this->harms,
            steady: $this->steady,
            wanders: $this->wanders,
        );
    }

    public function usualRepair(): string
    {
        return (string) array_key_first($this->cures);
    }
}
