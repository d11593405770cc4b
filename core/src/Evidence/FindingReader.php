<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Catalogue\Doubt;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Electrical\Judgement;
use Orthoscope\Core\SetUp\Lent;
use Orthoscope\Core\Sockets\SocketField;
use Orthoscope\Core\Sockets\SocketMap;

/** Makes findings from their written form: values are judged here, and what was said of the reading's own set-up is weighed. */
final readonly class FindingReader
{
    public function __construct(private Catalogue $catalogue, private Machine $machine)
    {
    }

    public function read(Head $head, Written $written): Finding
    {
        $check = $written->lookedUp('check', fn (): Check => $this->catalogue->check($written->word('check')));
        $target = $this->target($check, $written);
        $judgement = $this->judged($check, $written);
        $contacts = $this->contacts($check, $written);
        $result = $this->result($check, $judgement, $contacts, $written);
        if ($written->has('host') && ! $check->host) {
            throw $written->mistake('host', "\"{$check->name}\" is not made in another machine; leave the host out.");
        }
        $host = $written->part('host');
        [$checked, $believed] = $this->checked($check, $written->part('checked'));

        return new Finding(
            $head,
            check: $check->id,
            target: $target,
            result: $result,
            values: $judgement?->values() ?? [],
            host: new Lent($host->word('tag', Finding::ANY_HOST), $host->number('trust') ?? $this->catalogue->number('host_trust')),
            checked: $checked,
            believed: $believed,
            sureness: $judgement?->sureness() ?? 1.0,
            contacts: $contacts,
            also: $this->also($check, $target, $written),
            which: $this->which($check, $result, $written),
            hostSaid: HostSaid::written($host),
            spots: $this->spots($check, $result, $written),
        );
    }

    private function target(Check $check, Written $written): ?string
    {
        $target = $written->wordOrNull('target');
        if ($check->target === null) {
            return $target === null ? null
                : throw $written->mistake('target', "\"{$check->name}\" is made on the whole machine; leave the target out.");
        }
        $ofKind = array_column($this->machine->ofKind($check->target), 'id');
        $target ??= count($ofKind) === 1 ? $ofKind[0] : '';
        if (! in_array($target, $ofKind, true)) {
            throw $written->mistake('target', $ofKind === []
                ? "This machine has no {$check->target}, so \"{$check->name}\" cannot be made on one."
                : 'Say on which part: '.implode(', ', $ofKind).'.');
        }

        return $target;
    }

    /** @return list<string> parts that were in the other machine with the target */
    private function also(Check $check, ?string $target, Written $written): array
    {
        $also = array_values(array_unique($written->allOf('part of this machine', 'also', array_keys($this->machine->parts))));
        if ($also !== [] && ! $check->host) {
            throw $written->mistake('also', "\"{$check->name}\" is not made in another machine; leave out what was in it too.");
        }
        foreach ($also as $part) {
            if ($part === $target || $this->catalogue->hostCheckOf($this->machine->part($part)->kind->id) === null) {
                throw $written->mistake('also', "{$this->machine->part($part)->name} cannot have been in it too.");
            }
        }

        return $also;
    }

    /** @return list<string> parts at which it was found */
    private function which(Check $check, string $result, Written $written): array
    {
        $which = array_values(array_unique($written->allOf('part of this machine', 'which', array_keys($this->machine->parts))));
        foreach ($which as $part) {
            if (! in_array($this->machine->part($part)->kind->id, $check->which, true)) {
                throw $written->mistake('which', "{$this->machine->part($part)->name} is not looked at there.");
            }
        }
        if ($which !== [] && ! $check->result($result)->findsSomething()) {
            throw $written->mistake('which', 'Nothing was found, so there is no one of them to name.');
        }

        return $which;
    }

    /** @return list<string> places on its drawing at which it was found */
    private function spots(Check $check, string $result, Written $written): array
    {
        $known = $check->drawing === null ? [] : array_keys($this->catalogue->drawings[$check->drawing]->spots);
        if ($written->has('spots') && $known === []) {
            throw $written->mistake('spots', "\"{$check->name}\" has no drawing; leave the places out.");
        }
        $spots = array_values(array_unique($written->allOf('place on the drawing', 'spots', $known)));
        if ($spots !== [] && ! $check->result($result)->findsSomething()) {
            throw $written->mistake('spots', 'Nothing was found, so there is no place to name.');
        }

        return $spots;
    }

    private function judged(Check $check, Written $written): ?Judgement
    {
        $typed = $written->part('values');
        if ($typed->isEmpty()) {
            return null;
        }
        if ($check->limit === null) {
            throw $written->mistake('values', "\"{$check->name}\" is a look and takes no values.");
        }
        $values = [];
        foreach ($typed->keys() as $id) {
            $values[$id] = $typed->number($id);
        }
        $judgement = Judgement::of($this->catalogue->limits[$check->limit], $values, $this->catalogue->meter);

        return $judgement->isEmpty()
            ? throw $written->mistake('values', 'This cannot be judged yet: type the value it is held against too.') : $judgement;
    }

    /** The result that is said, or that follows from values or marked contacts; the two must not contradict each other. */
    private function result(Check $check, ?Judgement $judgement, ?SocketMap $contacts, Written $written): string
    {
        $said = $written->word('result');
        $judged = $judgement === null ? null : ($judgement->passes() ? 'pass' : 'fail');
        if ($judged !== null && $said !== '' && $said !== $judged) {
            $sentence = "The values make this a {$judged}, not a {$said}; correct the values or leave the result out.";
            throw $written->mistake('result', $sentence);
        }
        $seen = $contacts?->result();
        $result = $judged ?? $said;
        if ($seen !== null && $result !== '' && $result !== $seen) {
            $sentence = "The marked contacts make this \"{$check->result($seen)->name}\"; correct the map or leave the result out.";
            throw $written->mistake('result', $sentence);
        }
        $result = $seen ?? $result;
        if ($result === '') {
            throw $written->mistake('result', $check->limit === null ? 'Say what you found.' : 'Type the values, or say the result.');
        }

        return $written->lookedUp('result', fn (): string => $check->result($result)->id);
    }

    private function contacts(Check $check, Written $written): ?SocketMap
    {
        if (! $written->has('contacts')) {
            return null;
        }
        if ($check->id !== 'socket-map') {
            throw $written->mistake('contacts', "\"{$check->name}\" takes no map of contacts.");
        }
        $given = $written->part('contacts');
        $marked = [];
        foreach ($given->keys() as $place) {
            $marked[$place] = $given->word($place);
        }
        $field = SocketField::of($this->machine->platform['socket'] ?? null);

        return $written->lookedUp('contacts', fn (): SocketMap => SocketMap::of($field, $marked));
    }

    /**
     * What was said of the reading's own set-up, and how far that lets it be believed.
     *
     * @return array{array<string, string>, float}
     */
    private function checked(Check $check, Written $written): array
    {
        $checked = [];
        $believed = 1.0;
        foreach ($written->keys() as $doubt) {
            $written->known("question about \"{$check->name}\"", $doubt, $check->asks, $doubt);
            $checked[$doubt] = $written->oneOf('answer', $doubt, Doubt::ANSWERS);
            $believed *= $this->catalogue->doubts[$doubt]->belief($checked[$doubt]);
        }

        return [$checked, $believed];
    }
}
