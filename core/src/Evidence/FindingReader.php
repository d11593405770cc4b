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

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    public function read(array $head, array $given): Finding
    {
        $check = Written::catalogued(fn () => $this->catalogue->check((string) ($given['check'] ?? '')), '/check');
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
        Written::catalogued(fn () => $check->result($result), '/result');

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

        return Written::catalogued(fn (): SocketMap => SocketMap::of(SocketField::of($this->machine->platform['socket'] ?? null), $given['contacts']), '/contacts');
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
            Written::oneOf("question about \"{$check->name}\"", (string) $doubt, $check->asks, "/checked/{$doubt}");
            $checked[$doubt] = Written::oneOf('answer', (string) $answer, Doubt::ANSWERS, "/checked/{$doubt}");
            $believed *= $this->catalogue->doubts[$doubt]->belief($checked[$doubt]);
        }

        return [$checked, $believed];
    }
}
