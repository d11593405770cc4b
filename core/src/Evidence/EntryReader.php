<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use InvalidArgumentException;
use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\CatalogueMistake;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Catalogue\Doubt;
use Orthoscope\Core\Catalogue\Question;
use Orthoscope\Core\Catalogue\UnknownWord;
use Orthoscope\Core\Chain\Lent;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\MachineMistake;
use Orthoscope\Core\Chain\SetUp;
use Orthoscope\Core\Codes\CodeKind;
use Orthoscope\Core\Electrical\Judgement;
use Orthoscope\Core\Sockets\SocketField;
use Orthoscope\Core\Sockets\SocketMap;

/** Makes entries from their written form (an object of a case file, or a stored row), checking every word. */
final readonly class EntryReader
{
    public function __construct(private Catalogue $catalogue, private Machine $machine)
    {
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
            'start' => $this->start($head, $given),
            'finding' => $this->finding($head, $given),
            'act' => $this->deed($head, $given),
            'tally' => $this->tally($head, $given),
            'note' => trim($head[3]) === '' ? throw CaseMistake::at('/text', 'Write the note.') : new Note(...$head),
            'strike-out' => $this->strikeOut($head, $given),
            'override' => $this->override($head, $given),
            'closing' => new Closing(...$head, price: $this->whole($given, 'price', 0), warrantyMonths: $this->whole($given, 'warranty_months', 0), signedOff: (string) ($given['signed_off'] ?? '')),
            default => throw CaseMistake::at('/kind', UnknownWord::sentence('kind of entry', (string) ($given['kind'] ?? ''), ['report', 'answer', 'start', 'finding', 'act', 'tally', 'note', 'strike-out', 'override', 'closing'])),
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
            reached: isset($given['reached']) ? $this->reached($given['reached']) : null,
            signs: $this->signs($given['signs'] ?? []),
            events: $this->allOf('event', $given['events'] ?? [], array_keys($this->catalogue->events), '/events'),
            marks: $this->allOf('mark', $given['marks'] ?? [], array_keys($this->catalogue->marks), '/marks'),
            source: $this->oneOf('source of a report', (string) ($given['source'] ?? Report::SEEN), [Report::SEEN, Report::REMEMBERED, Report::OPINION], '/source'),
            history: $this->allOf('deed of earlier', $given['history'] ?? [], array_keys($this->catalogue->history), '/history'),
        );
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function answer(array $head, array $given): Answer
    {
        $question = $this->catalogue->questions[$this->oneOf('question', (string) ($given['question'] ?? ''), array_keys($this->catalogue->questions), '/question')];
        $answers = [...array_map(strval(...), array_keys($question->answers)), ...Question::tellNothing()];

        return new Answer(...$head, question: $question->id, answer: $this->oneOf("answer to \"{$question->id}\"", (string) ($given['answer'] ?? ''), $answers, '/answer'));
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function start(array $head, array $given): Start
    {
        $outcomes = $this->outcomes($given);
        $waited = isset($given['waited']) ? $this->whole($given, 'waited', 0) : null;
        if ($waited !== null && ($waited < 0 || $waited > 604800)) {
            throw CaseMistake::at('/waited', 'Say the wait in seconds, from 0 to a week (604800).');
        }

        $signs = $this->signs($given['signs'] ?? []);

        return new Start(
            ...$head,
            setUp: $this->setUp($given['setup'] ?? []),
            reached: (string) array_key_first($outcomes),
            signs: $signs + $this->drop($given) + $this->cycling($given),
            waited: $waited,
            outcomes: $outcomes,
            step: isset($given['step']) ? (string) $given['step'] : null,
            codes: $this->codes($given['codes'] ?? []),
            reliability: $this->reliability($given['reliability'] ?? [], $signs),
            ended: $this->ended($given, $outcomes),
        );
    }

    /**
     * How the starts ended: one outcome some times in a row, or a list such as {"dark": 8, "stays": 2}.
     *
     * @param  array<string, mixed>  $given
     *
     * @return array<string, int>
     */
    private function outcomes(array $given): array
    {
        if (! isset($given['outcomes'])) {
            if (($given['reached'] ?? '') === '') {
                throw CaseMistake::at('/reached', 'Say how far the start got.');
            }

            return [$this->reached((string) $given['reached']) => $this->count($given, 'times', '/times')];
        }
        if (isset($given['times']) || isset($given['reached'])) {
            throw CaseMistake::at('/outcomes', 'Give either the outcomes with their counts, or one outcome with its times.');
        }
        $outcomes = [];
        foreach ($given['outcomes'] as $reached => $times) {
            $this->oneOf('outcome of a start', (string) $reached, array_keys($this->catalogue->reaches), "/outcomes/{$reached}");
            $outcomes[$reached] = $this->count($given['outcomes'], (string) $reached, "/outcomes/{$reached}");
        }
        if ($outcomes === []) {
            throw CaseMistake::at('/outcomes', 'Say how far the starts got.');
        }
        uksort($outcomes, fn (string $a, string $b): int => $this->catalogue->reach($a)->lastStop <=> $this->catalogue->reach($b)->lastStop);

        return $outcomes;
    }

    /** @param  array<string, mixed>  $given */
    private function count(array $given, string $key, string $path, string $sentence = 'Say how many starts went like this, a whole number from 1 to 1000.'): int
    {
        $times = filter_var($given[$key] ?? 1, FILTER_VALIDATE_INT);

        return $times === false || $times < 1 || $times > 1000 ? throw CaseMistake::at($path, $sentence) : $times;
    }

    /**
     * @param  array<string, mixed>  $given
     * @param  array<string, int>  $outcomes
     */
    private function ended(array $given, array $outcomes): ?string
    {
        if (! isset($given['ended'])) {
            return null;
        }
        $ended = $this->oneOf('end of a start', (string) $given['ended'], array_keys(Start::ENDS), '/ended');
        if ($ended !== 'held' && array_keys($outcomes) === ['stays']) {
            throw CaseMistake::at('/ended', 'A start that '.Start::ENDS[$ended].' did not stay up. Say how far it got before.');
        }

        return $ended;
    }

    /**
     * A machine that goes on and off again and again shows it by its fans.
     *
     * @param  array<string, mixed>  $given
     *
     * @return array<string, string>
     */
    private function cycling(array $given): array
    {
        return ($given['ended'] ?? '') === 'cycled' ? ['fans' => 'cycle'] : [];
    }

    /**
     * @param  array<string, mixed>  $given
     *
     * @return array<string, string>
     */
    private function codes(array $given): array
    {
        $codes = [];
        foreach ($given as $kind => $code) {
            $this->oneOf('kind of code', (string) $kind, array_column(CodeKind::cases(), 'value'), "/codes/{$kind}");
            $codes[$kind] = $this->catalogued(fn (): string => CodeKind::from((string) $kind)->read((string) $code), "/codes/{$kind}");
        }

        return $codes;
    }

    /**
     * @param  array<string, mixed>  $given
     * @param  array<string, string>  $signs
     *
     * @return array<string, float>
     */
    private function reliability(array $given, array $signs): array
    {
        foreach ($given as $channel => $share) {
            $this->oneOf('sign of this start', (string) $channel, array_keys($signs), "/reliability/{$channel}");
            if (! is_numeric($share) || $share <= 0 || $share > 1) {
                throw CaseMistake::at("/reliability/{$channel}", 'The reliability of a sign is a number over 0 and up to 1.');
            }
        }

        return array_map(floatval(...), $given);
    }

    /**
     * The sign that follows from how long it ran before it dropped.
     *
     * @param  array<string, mixed>  $given
     *
     * @return array<string, string>
     */
    private function drop(array $given): array
    {
        if (! isset($given['after'])) {
            return [];
        }
        $seconds = $this->whole($given, 'after', 0);
        if ($seconds < 0 || $seconds > 2592000) {
            throw CaseMistake::at('/after', 'Say after how many seconds it dropped, from 0 to thirty days (2592000).');
        }

        return ['drop' => match (true) {
            $seconds < 60 => 'seconds',
            $seconds < 3600 => 'minutes',
            default => 'hours',
        }];
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function finding(array $head, array $given): Finding
    {
        $check = $this->catalogued(fn () => $this->catalogue->check((string) ($given['check'] ?? '')), '/check');
        $target = $given['target'] ?? null;
        if ($check->target !== null) {
            $ofKind = array_column($this->machine->ofKind($check->target), 'id');
            $target ??= count($ofKind) === 1 ? $ofKind[0] : '';
            if (! in_array($target, $ofKind, true)) {
                throw CaseMistake::at('/target', $ofKind === []
                    ? "This machine has no {$check->target}, so \"{$check->name}\" cannot be made on one."
                    : 'Say on which part: '.implode(', ', $ofKind).'.');
            }
        } elseif ($target !== null) {
            throw CaseMistake::at('/target', "\"{$check->name}\" is made on the whole machine; leave the target out.");
        }
        $values = $given['values'] ?? [];
        $result = (string) ($given['result'] ?? '');
        if ($values !== []) {
            if ($check->limit === null) {
                throw CaseMistake::at('/values', "\"{$check->name}\" is a look and takes no values.");
            }
            $judgement = Judgement::of($this->catalogue->limits[$check->limit], $values, $this->catalogue->meter);
            if ($judgement->isEmpty()) {
                throw CaseMistake::at('/values', 'This cannot be judged yet: type the value it is held against too.');
            }
            $judged = $judgement->passes() ? 'pass' : 'fail';
            if ($result !== '' && $result !== $judged) {
                throw CaseMistake::at('/result', "The values make this a {$judged}, not a {$result}; correct the values or leave the result out.");
            }
            $result = $judged;
            $values = $judgement->values();
            $sureness = $judgement->sureness();
        }
        $contacts = $this->contacts($check, $given);
        if ($contacts !== null) {
            $seen = $contacts->result();
            if ($result !== '' && $result !== $seen) {
                throw CaseMistake::at('/result', "The marked contacts make this \"{$check->result($seen)->name}\"; correct the map or leave the result out.");
            }
            $result = $seen;
        }
        if ($result === '') {
            throw CaseMistake::at('/result', $check->limit === null ? 'Say what you found.' : 'Type the values, or say the result.');
        }
        $this->catalogued(fn () => $check->result($result), '/result');

        if (isset($given['host']) && ! $check->host) {
            throw CaseMistake::at('/host', "\"{$check->name}\" is not made in another machine; leave the host out.");
        }
        $host = new Lent((string) ($given['host']['tag'] ?? Finding::ANY_HOST), (float) ($given['host']['trust'] ?? $this->catalogue->number('host_trust')));

        [$checked, $believed] = $this->checked($check, $given['checked'] ?? []);

        return new Finding(...$head, check: $check->id, target: $target, result: $result, values: $values, host: $host, checked: $checked, believed: $believed, sureness: $sureness ?? 1.0, contacts: $contacts);
    }

    /** @param  array<string, mixed>  $given */
    private function contacts(Check $check, array $given): ?SocketMap
    {
        if (! isset($given['contacts'])) {
            return null;
        }
        if ($check->id !== 'socket-map') {
            throw CaseMistake::at('/contacts', "\"{$check->name}\" takes no map of contacts.");
        }

        return $this->catalogued(fn (): SocketMap => SocketMap::of(SocketField::of($this->machine->platform['socket'] ?? null), $given['contacts']), '/contacts');
    }

    /**
     * What was said of the reading's own set-up, and how far that lets it be believed.
     *
     * @param  array<string, mixed>  $given
     *
     * @return array{array<string, string>, float}
     */
    private function checked(Check $check, array $given): array
    {
        $checked = [];
        $believed = 1.0;
        foreach ($given as $doubt => $answer) {
            $this->oneOf("question about \"{$check->name}\"", (string) $doubt, $check->asks, "/checked/{$doubt}");
            $checked[$doubt] = $this->oneOf('answer', (string) $answer, Doubt::ANSWERS, "/checked/{$doubt}");
            $believed *= $this->catalogue->doubts[$doubt]->belief($checked[$doubt]);
        }

        return [$checked, $believed];
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function deed(array $head, array $given): Deed
    {
        $act = $this->catalogued(fn () => $this->catalogue->act((string) ($given['act'] ?? '')), '/act');
        $on = [];
        foreach ((array) ($given['on'] ?? []) as $i => $word) {
            $meant = $this->machine->meant((string) $word);
            if ($meant === [] && ! isset($this->catalogue->parts[$word])) {
                throw CaseMistake::at("/on/{$i}", UnknownWord::sentence('part of this machine', (string) $word, array_keys($this->machine->parts)));
            }
            array_push($on, ...$meant);
        }
        if ($on === []) {
            throw CaseMistake::at('/on', 'Say which part it was done to.');
        }
        $with = isset($given['with'])
            ? new Lent((string) ($given['with']['tag'] ?? 'new'), (float) ($given['with']['trust'] ?? $this->catalogue->number('new_part_trust')))
            : null;
        $begun = (bool) ($given['begun'] ?? false);
        if ($begun && ! $this->locksWhileItLasts($act)) {
            throw CaseMistake::at('/begun', "\"{$act->name}\" is recorded once it is done, not when it has begun.");
        }
        if ($act->id === 'replace' && ! $begun) {
            $with ??= new Lent('new', $this->catalogue->number('new_part_trust'));
        }

        return new Deed(...$head, act: $act->id, on: array_values(array_unique($on)), with: $begun ? null : $with, begun: $begun, agent: isset($given['agent']) ? $this->oneOf('thing it was done with', (string) $given['agent'], array_keys(Deed::AGENTS), '/agent') : null);
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
            what: $this->oneOf('thing that is counted', (string) ($given['what'] ?? ''), array_keys(Tally::KINDS), '/what'),
            item: $item,
            way: $this->oneOf('way', (string) ($given['way'] ?? ''), [Tally::OFF, Tally::BACK], '/way'),
            count: $this->count($given, 'count', '/count', 'Say how many, a whole number from 1 to 1000.'),
        );
    }

    private function locksWhileItLasts(Act $act): bool
    {
        foreach ($this->catalogue->locks as $lock) {
            if (in_array("begun:{$act->id}", $lock->raised, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    private function strikeOut(array $head, array $given): StrikeOut
    {
        $entry = $this->whole($given, 'entry', 0);
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

        return new Override(...$head, lock: $this->oneOf('lock', (string) ($given['lock'] ?? ''), array_keys($this->catalogue->locks), '/lock'));
    }

    /** @param  array<string, mixed>  $given */
    private function setUp(array $given): SetUp
    {
        foreach ($given['out'] ?? [] as $i => $part) {
            $this->oneOf('part of this machine', (string) $part, array_keys($this->machine->parts), "/setup/out/{$i}");
        }
        foreach ($given['lent'] ?? [] as $part => $spare) {
            $this->oneOf('part of this machine', (string) $part, array_keys($this->machine->parts), "/setup/lent/{$part}");
            $trust = $spare['trust'] ?? 0.97;
            if (! is_array($spare) || ! isset($spare['tag']) || ! is_numeric($trust) || $trust < 0 || $trust > 1) {
                throw CaseMistake::at("/setup/lent/{$part}", 'A lent part needs its tag, and a trust from 0 to 1 if one is given.');
            }
        }
        foreach ($given['moved'] ?? [] as $stick => $slot) {
            if (in_array($stick, ['card', ...array_column($this->machine->ofKind('drive'), 'id')], true) && isset($this->machine->parts[$stick])) {
                $this->oneOf('place for it', (string) $slot, [SetUp::OTHER_SLOT], "/setup/moved/{$stick}");

                continue;
            }
            $this->oneOf('stick of this machine', (string) $stick, array_column($this->machine->ofKind('stick'), 'id'), "/setup/moved/{$stick}");
            $this->oneOf('slot of this machine', (string) $slot, array_column($this->machine->ofKind('slot'), 'id'), "/setup/moved/{$stick}");
        }
        foreach (['place' => ['case', 'bench'], 'start_by' => ['button', 'pins'], 'temperature' => ['cold', 'warm'], 'goal' => ['picture', 'system', 'load', 'hours'], 'output' => ['own', 'other']] as $word => $known) {
            if (isset($given[$word])) {
                $this->oneOf($word, (string) $given[$word], $known, "/setup/{$word}");
            }
        }

        $setUp = SetUp::fromArray($given);
        $this->eachSlotOnce($setUp);

        return $setUp;
    }

    private function eachSlotOnce(SetUp $setUp): void
    {
        $taken = [];
        foreach (array_column($this->machine->ofKind('stick'), 'id') as $stick) {
            $slot = $setUp->slotOf($stick, $this->machine);
            if ($slot !== null && isset($taken[$slot])) {
                throw CaseMistake::at('/setup/moved', "{$stick} and {$taken[$slot]} cannot both sit in {$slot}; take one out or move it.");
            }
            if ($slot !== null) {
                $taken[$slot] = $stick;
            }
        }
    }

    private function reached(string $word): string
    {
        return $this->oneOf('outcome of a start', $word, array_keys($this->catalogue->reaches), '/reached');
    }

    /**
     * @param  array<string, mixed>  $given
     *
     * @return array<string, string>
     */
    private function signs(array $given): array
    {
        $signs = [];
        foreach ($given as $channel => $value) {
            $this->oneOf('sign', (string) $channel, array_keys($this->catalogue->signs), "/signs/{$channel}");
            $values = array_map(strval(...), array_keys($this->catalogue->sign((string) $channel)->values));
            $signs[$channel] = $this->oneOf($this->catalogue->sign((string) $channel)->name, (string) $value, $values, "/signs/{$channel}");
        }
        ksort($signs);

        return $signs;
    }

    /** @param  array<string, mixed>  $given */
    private function whole(array $given, string $key, int $default): int
    {
        $value = $given[$key] ?? $default;
        if (filter_var($value, FILTER_VALIDATE_INT) === false) {
            throw CaseMistake::at("/{$key}", 'This must be a whole number.');
        }

        return (int) $value;
    }

    /**
     * @param  list<mixed>  $words
     * @param  list<string>  $known
     *
     * @return list<string>
     */
    private function allOf(string $what, array $words, array $known, string $path): array
    {
        foreach ($words as $i => $word) {
            $this->oneOf($what, (string) $word, $known, "{$path}/{$i}");
        }

        return $words;
    }

    /** @param  list<string>  $known */
    private function oneOf(string $what, string $word, array $known, string $path): string
    {
        return in_array($word, $known, true) ? $word : throw CaseMistake::at($path, UnknownWord::sentence($what, $word, $known));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $lookUp
     *
     * @return T
     */
    private function catalogued(callable $lookUp, string $path): mixed
    {
        try {
            return $lookUp();
        } catch (CatalogueMistake|MachineMistake|InvalidArgumentException $mistake) {
            throw CaseMistake::at($path, $mistake->getMessage(), $mistake);
        }
    }
}
