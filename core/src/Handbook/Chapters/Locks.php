<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook\Chapters;

use Orthoscope\Core\Catalogue\Lock;
use Orthoscope\Core\Handbook\Item;
use Orthoscope\Core\Handbook\Page;
use Orthoscope\Core\Handbook\Passage;

/** Each lock: why, what raises it, what it keeps from being done, and how it ends. */
final class Locks extends Chapter
{
    /** @var array<string, string> what it blocks, in words */
    private const BLOCKS = [
        'power' => 'every step that puts power on the machine',
        'own-supply' => 'every step that puts mains on its own supply in a machine; a lent supply may run it',
        'supply' => 'every step that puts mains on its own supply, the tester too',
        'lend' => 'lending a spare that is worth more than a supply test',
        'pins' => 'putting a processor into the socket',
        'login' => 'all that goes beyond the log-in screen',
        'all' => 'everything',
    ];

    public function pages(): iterable
    {
        foreach ($this->catalogue->locks as $lock) {
            yield new Page('lock', $lock->id, "Lock: {$lock->name}", $lock->sentence, [
                new Passage('What it keeps from being done', [new Item(ucfirst(self::BLOCKS[$lock->blocks] ?? $lock->blocks))]),
                new Passage('What raises it', array_map($this->raised(...), $lock->raised)),
                new Passage('How it ends', [
                    new Item($lock->unlock),
                    ...array_map(fn (string $words): Item => new Item($words), $lock->endings($this->catalogue)),
                    ...$lock->hours === null ? [] : [new Item('By itself, hours after it was raised', value: (string) $lock->hours)],
                ]),
                new Passage('What an owner who takes it home locked is told', $lock->tell === '' ? [] : [new Item($lock->tell)]),
            ], 'A lead may set it aside with a reason, on the record. Local rules and licensed practice go before any of this.');
        }
    }

    private function raised(string $word): Item
    {
        [$what, $rest] = [...explode(':', $word, 2), ''];
        [$id] = explode(':', $rest);

        return match (true) {
            $what === 'always' => new Item('It stands from the start'),
            $what === 'mark' => new Item("Marked at arrival: {$this->catalogue->marks[$id]->name}", "mark/{$id}"),
            $what === 'act' => $this->actItem($id, 'was done'),
            $what === 'begun' => $this->actItem($id, 'was begun'),
            default => $this->checkItem($what, 'showed “'.$this->catalogue->check($what)->result($rest)->name.'”'),
        };
    }
}
