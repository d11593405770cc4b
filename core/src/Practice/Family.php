<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Plain\Row;

/** A family of faults that is learned together: why it is as it is, and what its machines are like. */
final readonly class Family
{
    /**
     * @param  string  $line     one line for a list
     * @param  list<string>  $why      half a page, by paragraph
     * @param  list<string>  $remember what is kept of it
     * @param  list<string>  $faults   ids of faults; none = all
     * @param  list<string>  $shows    manners of showing; none = any
     * @param  list<string>  $events   what happened just before is one of these; none = any
     * @param  bool  $two      two faults of different parts
     * @param  bool  $badSpare the spare for the guilty part is itself bad
     * @param  bool  $toldOtherwise its owner tells of another stop than it shows
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $line,
        public array $why,
        public array $remember,
        public array $faults,
        public array $shows,
        public array $events,
        public bool $two,
        public bool $badSpare,
        public bool $toldOtherwise,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            line: $row->text('line'),
            why: $row->texts('why'),
            remember: $row->texts('remember'),
            faults: $row->texts('faults'),
            shows: $row->texts('shows', []),
            events: $row->texts('events', []),
            two: $row->flag('two'),
            badSpare: $row->flag('bad_spare'),
            toldOtherwise: $row->flag('told_otherwise'),
        );
    }
}
