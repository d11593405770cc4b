<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** A look or a reading, with the results it can have. The last result is "nothing found". */
final readonly class Check
{
    /**
     * @param  string  $kind    "look" or "reading"
     * @param  ?string  $target  kind of part it is made on, if it is made on one part
     * @param  bool  $host    made in another, known-good machine
     * @param  bool  $direct  a positive result is sight or measurement of the fault itself
     * @param  ?string  $limit   limits that judge its values, for a reading
     * @param  list<CheckResult>  $results
     * @param  list<string>  $disturbs kinds of part that are moved to make it
     * @param  ?string  $at      kind of part at which it is made, for the drawing of what to measure; null for a look
     * @param  ?float  $noise   share of its findings that go wrong for no reason of the machine; null for the usual share
     * @param  list<string>  $asks    questions about its set-up, put where it surprises
     * @param  ?string  $drawing the drawing on which it is picked where something was found
     * @param  list<string>  $which   kinds of part among which it may say where it found something: the others were looked at too
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public ?string $target,
        public bool $host,
        public bool $direct,
        public ?string $limit,
        public array $results,
        public array $disturbs,
        public ?string $at,
        public ?float $noise,
        public array $asks,
        public array $which,
        public ?string $drawing,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            kind: $row->text('kind'),
            target: $row->textOrNull('target'),
            host: $row->flag('host'),
            direct: $row->flag('direct'),
            limit: $row->textOrNull('limit'),
            results: array_map(CheckResult::fromRow(...), $row->rows('results')),
            disturbs: $row->texts('disturbs', []),
            at: $row->textOrNull('at'),
            noise: $row->numberOrNull('noise'),
            asks: $row->texts('asks', []),
            which: $row->texts('which', []),
            drawing: $row->textOrNull('drawing'),
        );
    }

    /** What it finds is seen as it is: easily missed, hardly ever seen where it is not. A trial in a host is none: hosts and seats err. */
    public function isSight(): bool
    {
        return $this->direct && $this->kind === 'look' && ! $this->host;
    }

    /** Whether it is a reading, and this result of it found something. */
    public function readsBad(string $result): bool
    {
        return $this->kind === 'reading' && $this->result($result)->findsSomething();
    }

    public function result(string $id): CheckResult
    {
        foreach ($this->results as $result) {
            if ($result->id === $id) {
                return $result;
            }
        }
        throw CatalogueMistake::unknown("result of {$this->id}", $id, array_column($this->results, 'id'));
    }

    public function clearResult(): CheckResult
    {
        return $this->results[count($this->results) - 1];
    }

    /**
     * Faults that any of its results can show, with the best share.
     *
     * @return array<string, float>
     */
    public function detects(): array
    {
        $best = [];
        foreach ($this->results as $result) {
            foreach ($result->shows as $fault => $share) {
                $best[$fault] = max($best[$fault] ?? 0.0, $share);
            }
        }

        return $best;
    }
}
