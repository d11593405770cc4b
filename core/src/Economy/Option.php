<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

use Orthoscope\Core\Catalogue\Economy\Promise;

/** One way on from here, with what it costs, how likely it cures, and what it leaves. */
final readonly class Option
{
    /** Chance of a cure under which a way is folded away. Origin: judgement. */
    private const HARDLY = 0.1;

    /**
     * @param  string  $id       names it among the options of one job, such as "replace:supply:new"
     * @param  string  $way      kind of way on: "new", "used", "shelf", a way of the catalogue, "platform", "claim", "test", "prove" or
     *     an end
     * @param  list<array{act: string, on: list<string>}>  $acts     acts that do it
     * @param  ?string  $part     the part it is about
     * @param  list<string>  $effects  on the owner's other parts
     * @param  list<string>  $leaves   what it leaves unproved or limited
     * @param  bool  $end      it ends the work here
     */
    public function __construct(
        public string $id,
        public string $way,
        public string $name,
        public array $acts,
        public ?string $part,
        public Cost $cost,
        public Expectation $expects,
        public Promise $promise,
        public array $effects,
        public array $leaves,
        public bool $end = false,
        public ?ComesFrom $from = null,
    ) {
    }

    /** Whether an owner can be asked for it: neither a test nor leaving it as it is. */
    public function canBeQuoted(): bool
    {
        return ! in_array($this->way, ['test', 'prove'], true);
    }

    /** A way that hardly ever cures stands behind the others. */
    public function isFolded(): bool
    {
        return ! $this->end
            && ! in_array($this->way, ['test', 'prove'], true)
            && $this->expects->cures + $this->expects->other < self::HARDLY;
    }

    /** Whether something must be ordered for it. */
    public function orders(): bool
    {
        return in_array($this->way, ['new', 'used', 'platform'], true);
    }
}
