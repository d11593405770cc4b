<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** An interlock: what raises it, what clears it, and what it keeps from being done. */
final readonly class Lock
{
    /**
     * @param  string  $blocks  "power", "own-supply" (what puts mains on its own supply in a machine), "supply" (the same and the
     *     tester), "lend" (a spare dearer than a supply test), "pins" (a processor into the socket), "login" (beyond the log-in screen) or
     *     "all"
     * @param  list<string>  $raised  "always", "mark:ID", "CHECK:RESULT", "act:ACT", "act:ACT:KIND" or "begun:ACT"
     * @param  list<string>  $cleared the same words, or "start:STAGE" for a start that passed that stage
     * @param  ?int  $hours   it ends by itself this long after it was raised
     * @param  string  $tell    one sentence for an owner who takes the machine home locked
     * @param  array<string, int>  $hoursAfter what an act was done with => hours instead
     */
    public function __construct(
        public string $id,
        public string $blocks,
        public string $name,
        public string $sentence,
        public string $unlock,
        public array $raised,
        public array $cleared,
        public ?string $notWhenLent,
        public ?int $hours,
        public array $hoursAfter,
        public string $tell = '',
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            blocks: $row->text('blocks'),
            name: $row->text('name'),
            sentence: $row->text('sentence'),
            unlock: $row->text('unlock'),
            raised: $row->texts('raised'),
            cleared: $row->texts('cleared'),
            notWhenLent: $row->textOrNull('not_when_lent'),
            hours: $row->wholeOrNull('hours'),
            hoursAfter: array_map(intval(...), $row->numberByName('hours_after', [])),
            tell: $row->text('tell', ''),
        );
    }

    /** @return list<string> each thing that ends it, as one says it at the bench; the results of one look together */
    public function endings(Catalogue $catalogue): array
    {
        $words = $results = [];
        foreach ($this->cleared as $word) {
            [$what, $rest] = [...explode(':', $word, 2), ''];
            [$act, $kind] = [...explode(':', $rest, 2), ''];
            if (isset($catalogue->checks[$what])) {
                $results[$catalogue->check($what)->name][] = $catalogue->check($what)->result($rest)->name;

                continue;
            }
            $words[] = match ($what) {
                'act' => $catalogue->act($act)->name.($kind === '' ? '' : ' ('.lcfirst($catalogue->part($kind)->name).')'),
                'mark' => $catalogue->marks[$rest]->name,
                default => 'a start that gets past '.$catalogue->stages[$rest]->name,
            };
        }

        return [
            ...array_map(
                fn (string $check, array $shown): string => "{$check} ("
                    .implode(' / ', array_slice($shown, 0, 2))
                    .(count($shown) > 2 ? ' …' : '')
                    .')',
                array_keys($results),
                $results,
            ),
            ...$words,
        ];
    }
}
