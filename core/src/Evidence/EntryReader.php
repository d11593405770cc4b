<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Question;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\UnknownWord;

/** Makes entries from their written form (an object of a case file, or a stored row), checking every word. */
final readonly class EntryReader
{
    private const KINDS = [
        'report', 'answer', 'trial', 'start', 'finding', 'act', 'tally', 'note', 'strike-out', 'override', 'closing', 'agreement',
        'collection',
    ];

    private SignWords $words;

    private StartReader $starts;

    private FindingReader $findings;

    private ActReader $acts;

    private TrialReader $trials;

    public function __construct(private Catalogue $catalogue, private Machine $machine)
    {
        $this->words = new SignWords($catalogue);
        $this->starts = new StartReader($catalogue, $this->words, new SetUpReader($machine));
        $this->findings = new FindingReader($catalogue, $machine);
        $this->acts = new ActReader($catalogue, $machine);
        $this->trials = new TrialReader($catalogue, $machine, $this->words);
    }

    /**
     * @param  array<array-key, mixed>  $given the written entry
     *
     * @throws CaseMistake with the path inside the entry
     */
    public function read(int $number, array $given): Entry
    {
        $written = Written::of($given);
        $head = Head::read($number, $written);

        return match ($written->word('kind')) {
            'report' => $this->report($head, $written),
            'answer' => $this->answer($head, $written),
            'trial' => $this->trials->read($head, $written),
            'start' => $this->starts->read($head, $written),
            'finding' => $this->findings->read($head, $written),
            'act' => $this->acts->read($head, $written),
            'tally' => $this->tally($head, $written),
            'note' => $head->hasText() ? new Note($head) : throw $written->mistake('text', 'Write the note.'),
            'strike-out' => $this->strikeOut($head, $written),
            'override' => $this->override($head, $written),
            'closing' => $this->closing($head, $written),
            'agreement' => $this->agreement($head, $written),
            'collection' => $this->collection($head, $written),
            default => throw $written->mistake('kind', UnknownWord::sentence('kind of entry', $written->word('kind'), self::KINDS)),
        };
    }

    /**
     * A record with more at its end, each numbered after the one before.
     *
     * @param  list<array<string, mixed>>  $written
     *
     * @throws CaseMistake
     */
    public function onto(Record $record, array $written): Record
    {
        $entries = $record->entries;
        $last = $entries === [] ? 0 : $entries[count($entries) - 1]->number;
        foreach ($written as $i => $one) {
            $entries[] = $this->read($last + $i + 1, $one);
        }

        return new Record($entries);
    }

    private function report(Head $head, Written $written): Report
    {
        $source = $written->oneOf('source of a report', 'source', [Report::SEEN, Report::REMEMBERED, Report::OPINION], Report::SEEN);

        return new Report(
            $head,
            reached: $written->has('reached') ? $this->words->reached($written) : null,
            signs: $this->words->signs($written->part('signs')),
            events: $written->allOf('event', 'events', array_keys($this->catalogue->events)),
            marks: $written->allOf('mark', 'marks', array_keys($this->catalogue->marks)),
            source: $this->machine->alone === null || $source === Report::OPINION ? $source : Report::APART,
            history: $written->allOf('act of earlier', 'history', array_keys($this->catalogue->history)),
            when: $this->when($written),
            carried: $this->carried($written->part('carried')),
            manner: MannerReader::read($written, $this->catalogue),
        );
    }

    /** @return array<string, float> fault => factor on its prior */
    private function carried(Written $written): array
    {
        $carried = [];
        foreach ($written->keys() as $fault) {
            $written->known('fault', $fault, array_keys($this->catalogue->faults), $fault);
            $factor = $written->number($fault);
            if ($factor === null || $factor < 0.05 || $factor > 20) {
                throw $written->mistake($fault, 'A factor lies between 0.05 and 20.');
            }
            $carried[$fault] = $factor;
        }

        return $carried;
    }

    private function when(Written $written): ?string
    {
        $when = $written->word('when');

        return match (true) {
            $when === '' => null,
            preg_match('/^(19|20)\d\d(-(0[1-9]|1[0-2]))?$/', $when) === 1 => $when,
            default => throw $written->mistake('when', "\"{$when}\" is no time; write a year or a year and month, such as 2026-06."),
        };
    }

    private function answer(Head $head, Written $written): Answer
    {
        $id = $written->oneOf('question', 'question', array_keys($this->catalogue->questions));
        $answers = [...array_map(strval(...), array_keys($this->catalogue->questions[$id]->answers)), ...Question::tellNothing()];

        return new Answer($head, question: $id, answer: $written->oneOf("answer to \"{$id}\"", 'answer', $answers));
    }

    private function tally(Head $head, Written $written): Tally
    {
        $item = trim($written->word('item'));
        if ($item === '' || mb_strlen($item) > 80) {
            throw $written->mistake('item', 'Say which one, in up to 80 letters.');
        }

        return new Tally(
            $head,
            what: $written->oneOf('thing that is counted', 'what', array_keys(Tally::KINDS)),
            item: $item,
            way: $written->oneOf('way', 'way', [Tally::OFF, Tally::BACK]),
            count: $written->count('count', 'Say how many, a whole number from 1 to 1000.'),
        );
    }

    private function strikeOut(Head $head, Written $written): StrikeOut
    {
        $entry = $written->whole('entry', 0);
        if ($entry < 1 || $entry >= $head->number) {
            throw $written->mistake('entry', 'Name an earlier entry by its number.');
        }

        return $head->hasText() ? new StrikeOut($head, entry: $entry) : throw $written->mistake('text', 'Say why it is struck out.');
    }

    private function override(Head $head, Written $written): Override
    {
        if (! $head->hasText()) {
            throw $written->mistake('text', 'Say why the lock is set aside.');
        }

        return new Override($head, lock: $written->oneOf('lock', 'lock', array_keys($this->catalogue->locks)));
    }

    private function closing(Head $head, Written $written): Closing
    {
        return new Closing(
            $head,
            price: $written->whole('price', 0),
            warrantyMonths: $written->whole('warranty_months', 0),
            signedOff: $written->word('signed_off'),
            outcome: $written->oneOf('end of a job', 'outcome', array_keys(Closing::OUTCOMES), 'repaired'),
        );
    }

    private function agreement(Head $head, Written $written): Agreement
    {
        $answer = $written->oneOf('answer', 'answer', array_keys(Agreement::ANSWERS));
        $amount = $written->whole('amount', 0);
        if ($amount < 0) {
            throw $written->mistake('amount', 'Nobody agrees to less than nothing.');
        }

        return new Agreement($head, answer: $answer, amount: $amount, variant: $written->word('variant'), agreed: $written->word('agreed'));
    }

    private function collection(Head $head, Written $written): Collection
    {
        $amount = $written->whole('amount', 0);
        if ($amount < 0) {
            throw $written->mistake('amount', 'A payment is not below nothing.');
        }
        $method = $written->oneOf('way of paying', 'method', array_keys(Collection::METHODS));

        return new Collection($head, method: $method, amount: $amount, with: $written->words('with'));
    }
}
