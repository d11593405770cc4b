<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** A next step that can be offered: a start under a set-up, an act with a start, or a check. */
final readonly class Step
{
    /**
     * @param  string  $record  "start", "act" (with a start to see), "check" or "unlock" (an act that clears a lock)
     * @param  list<string>  $on      kinds of part an act is made on
     * @param  ?string  $each    kind of part that makes one step each ("swapped" = every part swapped with a change)
     * @param  bool  $once    only for the first part of the kind
     * @param  bool  $several only when there are several of the kind
     * @param  list<string>  $needs   tools
     * @param  bool  $pins    puts a processor into the socket
     * @param  ?string  $from    stage the last start must have passed for the step to be possible
     * @param  bool  $login   goes beyond the log-in screen
     * @param  bool  $benchSupply a bench supply feeds the board, not the machine's own supply
     * @param  ?string  $whyAgain in place of `why` once the machine was started
     * @param  ?string  $whyAfter in place of both while it was worked on and not started since
     * @param  bool  $unlocks offered only while a lock waits for it
     * @param  list<string>  $whenNew events: where one was told, the look comes first, as long as what it shows is in question at all
     * @param  list<string>  $recovers stages at which it has cured machines for minutes: done once before a part is bought for one
     * @param  ?string  $mootAfter stage: not offered where the last start by the button passed it
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $record,
        public int $minutes,
        public string $why,
        public StepSetUp $setUp,
        public ?string $act,
        public array $on,
        public ?string $check,
        public ?string $each,
        public bool $once,
        public bool $several,
        public bool $power,
        public bool $opens,
        public bool $pins,
        public array $needs,
        public ?string $caution,
        public ?string $from,
        public bool $login,
        public bool $benchSupply,
        public bool $unlocks,
        public ?string $mootAfter,
        public ?string $whyAgain,
        public ?string $whyAfter,
        public array $whenNew,
        public array $recovers,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            record: $row->text('record'),
            minutes: $row->whole('minutes'),
            why: $row->text('why'),
            setUp: StepSetUp::fromRow($row->rowOrNull('setup') ?? Row::of([], $row->where)),
            act: $row->textOrNull('act'),
            on: $row->texts('on', []),
            check: $row->textOrNull('check'),
            each: $row->textOrNull('each'),
            once: $row->flag('once'),
            several: $row->flag('several'),
            power: $row->flag('power', true),
            opens: $row->flag('opens', true),
            pins: $row->flag('pins'),
            needs: $row->texts('needs', []),
            caution: $row->textOrNull('caution'),
            from: $row->textOrNull('from'),
            login: $row->flag('login'),
            benchSupply: $row->flag('bench_supply'),
            unlocks: $row->flag('unlocks'),
            mootAfter: $row->textOrNull('moot_after'),
            whyAgain: $row->textOrNull('why_again'),
            whyAfter: $row->textOrNull('why_after'),
            whenNew: $row->texts('when_new', []),
            recovers: $row->texts('recovers', []),
        );
    }
}
