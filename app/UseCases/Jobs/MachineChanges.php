<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;

/** What differs between two descriptions of one machine, in words for the record. */
final readonly class MachineChanges
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  array<string, mixed>  $was the "machine" of a case file
     * @param  array<string, mixed>  $is
     *
     * @return list<string> sentences; none where nothing differs
     */
    public function between(array $was, array $is): array
    {
        [$was, $is] = [$this->inWords($was), $this->inWords($is)];
        $changes = [];
        foreach ($is + $was as $name => $any) {
            [$before, $now] = [$was[$name] ?? '', $is[$name] ?? ''];
            if ($before !== $now) {
                $changes[] = ucfirst($name).': '.($before === '' ? 'not known' : $before).' → '.($now === '' ? 'not known' : $now).'.';
            }
        }

        return $changes;
    }

    /**
     * @param  array<string, mixed>  $madeOf
     *
     * @return array<string, string> what it is about => what is said of it
     */
    private function inWords(array $madeOf): array
    {
        $yes = static fn (mixed $set): string => $set === true ? 'yes' : 'no';
        $facts = (array) ($madeOf['facts'] ?? []);
        $said = [
            'model' => (string) ($madeOf['model'] ?? ''),
            'graphics card' => $yes($madeOf['card'] ?? true),
            'picture from the board' => $yes($facts['own_graphics'] ?? false),
            'memory slots' => implode(', ', (array) ($madeOf['memory']['slots'] ?? [])),
            'sticks in' => implode(', ', (array) ($madeOf['memory']['sticks'] ?? [])),
            'drives' => (string) ($madeOf['drives'] ?? 1),
            'status lamps' => $yes($facts['status_lamps'] ?? false),
            'speaker' => $yes($facts['speaker'] ?? false),
            'code display' => $yes($facts['code_display'] ?? false),
            'stayed at home' => implode(', ', array_intersect_key(Machine::MAY_STAY, array_flip((array) ($madeOf['at_home'] ?? [])))),
        ];
        foreach ((array) ($madeOf['platform'] ?? []) as $fact => $value) {
            $said[$this->catalogue->shelf->names[$fact] ?? $fact] = is_array($value) ? implode(', ', $value) : (string) $value;
        }

        return $said;
    }
}
