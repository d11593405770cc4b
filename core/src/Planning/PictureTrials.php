<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\SetUp;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Spares\Shelf;

/**
 * The path of the picture: the output, the lead and the screen, each the owner's or another. Which of them is still possible,
 * and which way to put them together splits them best. All ways are gone through: with one more output, lead and screen there are eight, and twice as many
 * where the card has another slot to go to.
 */
final readonly class PictureTrials
{
    private const KINDS = ['card', 'card-slot', 'output', 'video-lead', 'screen'];

    /** Belief that the picture's path has to do with it under which it is no question, and under which one part is left out. Origin: judgement. */
    private const QUESTION_FROM = 0.1;

    private const NAMED_FROM = 0.02;

    private const MASS = 0.98;

    private const STATES = 150;

    private const BEST = 3;

    /**
     * @param  array<string, float>  $possible name of the part => probability, likeliest first
     * @param  list<Arrangement>  $best     that tell most first
     */
    private function __construct(public array $possible, public array $best)
    {
    }

    /** Null where the picture's path is no question. */
    public static function of(Catalogue $catalogue, Replay $replay, Record $record, Shelf $shelf): ?self
    {
        $culprits = [];
        foreach ($replay->model->modes->all as $i => $mode) {
            $part = $replay->model->machine->part($mode->part);
            if ($mode->spare === null && in_array($part->kind->id, self::KINDS, true)) {
                $culprits[$i] = $part->name;
            }
        }
        if ($culprits === [] || $replay->belief->hasAny($culprits) < self::QUESTION_FROM) {
            return null;
        }
        $belief = $replay->belief->mostOf(self::MASS, self::STATES);
        $possible = array_filter($belief->byGroup($culprits)[1], fn (float $p): bool => $p >= self::NAMED_FROM);
        arsort($possible);
        $done = array_map(fn (Start $start): string => $start->setUp->key(), $record->all(Start::class));
        $ranked = [];
        foreach (self::all($replay, $shelf) as $setUp) {
            if (! in_array($setUp->key(), $done, true)) {
                $ranked[] = Arrangement::weighed($setUp, $belief, $culprits, $catalogue->stageIndex('picture'), $replay);
            }
        }
        usort($ranked, fn (Arrangement $a, Arrangement $b): int => [-round($a->bits, 2), count($a->setUp->lent)] <=> [-round($b->bits, 2), count($b->setUp->lent)]);

        return new self($possible, array_slice($ranked, 0, self::BEST));
    }

    /** @return list<SetUp> */
    public static function all(Replay $replay, Shelf $shelf): array
    {
        $machine = $replay->model->machine;
        $ways = [[]];
        foreach (['video-lead', 'screen'] as $kind) {
            $spare = $machine->has($kind) ? $shelf->best($kind, $machine) : null;
            if ($spare !== null) {
                $ways = [...$ways, ...array_map(fn (array $way): array => ['lent' => [...$way['lent'] ?? [], $kind => ['tag' => $spare->tag, 'trust' => $spare->trust]]] + $way, $ways)];
            }
        }
        if ($machine->has('output')) {
            $ways = [...$ways, ...array_map(fn (array $way): array => [...$way, 'output' => 'other'], $ways)];
        }
        if ($machine->has('card')) {
            $ways = [...$ways, ...array_map(fn (array $way): array => [...$way, 'moved' => ['card' => SetUp::OTHER_SLOT]], $ways)];
        }

        return array_map(SetUp::fromArray(...), $ways);
    }
}
