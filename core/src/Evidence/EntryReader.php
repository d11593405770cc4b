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
    private SignWords $words;

    private StartReader $starts;

    private FindingReader $findings;

    private DeedReader $deeds;

    public function __construct(private Catalogue $catalogue, private Machine $machine)
    {
        $this->words = new SignWords($catalogue);
        $this->starts = new StartReader($catalogue, $this->words, new SetUpReader($machine));
        $this->findings = new FindingReader($catalogue, $machine);
        $this->deeds = new DeedReader($catalogue, $machine);
    }

    /**
     * @param  array<string, mixed>  $given the written entry
     *
     * @throws CaseMistake with the path inside the entry
     */
    public function read(int $number, array $given): Entry
    {
        $head = [$number, (string) ($given['at'] ?? ''), (string) ($given['by'] ?? ''), (string) ($given['text'] ?? '')];

        return match ($given['kind'] ?? '') {
            'report' => $this->report($head, $given),
            'answer' => $this->answer($head, $given),
            'start' => $this->starts->read($head, $given),
            'finding' => $this->findings->read($head, $given),
            'act' => $this->deeds->read($head, $given),
            'tally' => $this->tally($head, $given),
            'note' => trim($head[3]) === '' ? throw CaseMistake::at('/text', 'Write the note.') : new Note(...$head),
            'strike-out' => $this->strikeOut($head, $given),
            'override' => $this->override($head, $given),
            'closing' => new Closing(...$head, price: Written::whole($given, 'price', 0), warrantyMonths: Written::whole($given, 'warranty_months', 0), signedOff: (string) ($given['signed_off'] ?? ''), outcome: Written::oneOf('end of a job', (string) ($given['outcome'] ?? 'repaired'), array_keys(Closing::OUTCOMES), '/outcome')),
            'agreement' => $this->agreement($head, $given),
            'collection' => $this->collection($head, $given),
            default => throw CaseMistake::at('/kind', UnknownWord::sentence('kind of entry', (string) ($given['kind'] ?? ''), ['report', 'answer', 'start', 'finding', 'act', 'tally', 'note', 'strike-out', 'override', 'closing', 'agreement', 'collection'])),
        };
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function report(array $head, array $given): Report
    {
        return new Report(
            ...$head,
            reached: isset($given['reached']) ? $this->words->reached($given['reached']) : null,
            signs: $this->words->signs($given['signs'] ?? []),
            events: Written::allOf('event', $given['events'] ?? [], array_keys($this->catalogue->events), '/events'),
            marks: Written::allOf('mark', $given['marks'] ?? [], array_keys($this->catalogue->marks), '/marks'),
            source: Written::oneOf('source of a report', (string) ($given['source'] ?? Report::SEEN), [Report::SEEN, Report::REMEMBERED, Report::OPINION], '/source'),
            history: Written::allOf('deed of earlier', $given['history'] ?? [], array_keys($this->catalogue->history), '/history'),
            when: $this->when($given),
            carried: $this->carried($given),
            manner: MannerReader::read($given, $this->catalogue),
        );
    }

    /**
     * @param  array<string, mixed>  $given
     *
     * @return array<string, float>
     */
    private function carried(array $given): array
    {
        $carried = (array) ($given['carried'] ?? []);
        Written::allOf('fault', array_map(strval(...), array_keys($carried)), array_keys($this->catalogue->faults), '/carried');
        foreach ($carried as $fault => $factor) {
            if (! is_numeric($factor) || $factor < 0.05 || $factor > 20) {
                throw CaseMistake::at("/carried/{$fault}", 'A factor lies between 0.05 and 20.');
            }
        }

        return array_map(floatval(...), $carried);
    }

    /** @param  array<string, mixed>  $given */
    private function when(array $given): ?string
    {
        $when = (string) ($given['when'] ?? '');

        return match (true) {
            $when === '' => null,
            preg_match('/^(19|20)\d\d(-(0[1-9]|1[0-2]))?$/', $when) === 1 => $when,
            default => throw CaseMistake::at('/when', "\"{$when}\" is no time; write a year or a year and month, such as 2026-06."),
        };
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function answer(array $head, array $given): Answer
    {
        $question = $this->catalogue->questions[Written::oneOf('question', (string) ($given['question'] ?? ''), array_keys($this->catalogue->questions), '/question')];
        $answers = [...array_map(strval(...), array_keys($question->answers)), ...Question::tellNothing()];

        return new Answer(...$head, question: $question->id, answer: Written::oneOf("answer to \"{$question->id}\"", (string) ($given['answer'] ?? ''), $answers, '/answer'));
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function tally(array $head, array $given): Tally
    {
        $item = trim((string) ($given['item'] ?? ''));
        if ($item === '' || mb_strlen($item) > 80) {
            throw CaseMistake::at('/item', 'Say which one, in up to 80 letters.');
        }

        return new Tally(
            ...$head,
            what: Written::oneOf('thing that is counted', (string) ($given['what'] ?? ''), array_keys(Tally::KINDS), '/what'),
            item: $item,
            way: Written::oneOf('way', (string) ($given['way'] ?? ''), [Tally::OFF, Tally::BACK], '/way'),
            count: Written::count($given, 'count', '/count', 'Say how many, a whole number from 1 to 1000.'),
        );
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function strikeOut(array $head, array $given): StrikeOut
    {
        $entry = Written::whole($given, 'entry', 0);
        if ($entry < 1 || $entry >= $head[0]) {
            throw CaseMistake::at('/entry', 'Name an earlier entry by its number.');
        }
        if (trim($head[3]) === '') {
            throw CaseMistake::at('/text', 'Say why it is struck out.');
        }

        return new StrikeOut(...$head, entry: $entry);
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function override(array $head, array $given): Override
    {
        if (trim($head[3]) === '') {
            throw CaseMistake::at('/text', 'Say why the lock is set aside.');
        }

        return new Override(...$head, lock: Written::oneOf('lock', (string) ($given['lock'] ?? ''), array_keys($this->catalogue->locks), '/lock'));
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function agreement(array $head, array $given): Agreement
    {
        $answer = Written::oneOf('answer', (string) ($given['answer'] ?? ''), array_keys(Agreement::ANSWERS), '/answer');
        $amount = Written::whole($given, 'amount', 0);
        if ($amount < 0) {
            throw CaseMistake::at('/amount', 'Nobody agrees to less than nothing.');
        }

        return new Agreement(...$head, answer: $answer, amount: $amount, variant: (string) ($given['variant'] ?? ''), agreed: (string) ($given['agreed'] ?? ''));
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function collection(array $head, array $given): Collection
    {
        $amount = Written::whole($given, 'amount', 0);
        if ($amount < 0) {
            throw CaseMistake::at('/amount', 'A payment is not below nothing.');
        }

        return new Collection(...$head, method: Written::oneOf('way of paying', (string) ($given['method'] ?? ''), array_keys(Collection::METHODS), '/method'), amount: $amount, with: array_values(array_map(strval(...), (array) ($given['with'] ?? []))));
    }
}
