<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\UnknownWord;
use Orthoscope\Core\SetUp\Lent;

/** Makes acts from their written form. */
final readonly class DeedReader
{
    public function __construct(private Catalogue $catalogue, private Machine $machine)
    {
    }

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    public function read(array $head, array $given): Deed
    {
        $act = Written::catalogued(fn () => $this->catalogue->act((string) ($given['act'] ?? '')), '/act');
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

        $temporary = trim((string) ($given['temporary'] ?? ''));
        if (mb_strlen($temporary) > 80) {
            throw CaseMistake::at('/temporary', 'Say in up to 80 letters what is still to be done.');
        }

        return new Deed(...$head, old: isset($given['old']) ? Written::oneOf('place for the old part', (string) $given['old'], array_keys(Deed::FATES), '/old') : null, deviation: $this->deviation($act, $given), temporary: $temporary, act: $act->id, on: array_values(array_unique($on)), with: $begun ? null : $with, begun: $begun, agent: isset($given['agent']) ? Written::oneOf('thing it was done with', (string) $given['agent'], array_keys(Deed::AGENTS), '/agent') : null);
    }

    /**
     * @param  array<string, mixed>  $given
     *
     * @return ?array{asked: float, used: float} ohms
     */
    private function deviation(Act $act, array $given): ?array
    {
        $asked = $given['asked'] ?? null;
        $used = $given['used'] ?? null;
        if ($asked === null && $used === null) {
            return null;
        }
        if ($act->id !== 'replace-resistor') {
            throw CaseMistake::at('/asked', "\"{$act->name}\" has no value asked for and used; leave them out.");
        }
        foreach (['asked' => $asked, 'used' => $used] as $field => $ohms) {
            if (! is_numeric($ohms) || (float) $ohms < 0.0) {
                throw CaseMistake::at("/{$field}", 'Give both values: the one asked for and the one used, in ohms, 0 or more.');
            }
        }

        return ['asked' => (float) $asked, 'used' => (float) $used];
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
}
