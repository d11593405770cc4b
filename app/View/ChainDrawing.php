<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Because;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Plain\Percent;
use Orthoscope\Core\Planning\ActiveLock;

/** Where everything of the full-size chain goes: pads, the copper trace, the cut with its flag, the parts below. */
final readonly class ChainDrawing
{
    public const WIDTH = 1232;

    private const FIRST = 18;

    private const STEP = 99;

    /** The memory pad is given more room: slots and sticks hang side by side. */
    private const MEMORY_EXTRA = 36;

    private const MEMORY = 6;

    public const TRACE = 34;

    private const ROW = 23;

    private const ROWS_FROM = 69;

    private const STICK_AT = 70;

    /**
     * @param  list<array{x: int, name: string, state: string}>  $pads  state: reached, maybe, stopped or beyond
     * @param  list<ChainPart>  $parts
     * @param  ?int  $solid  x up to which the trace is whole
     * @param  ?int  $maybe  x up to which it may be
     * @param  ?string  $flag   what the flag says
     * @param  ?string  $locked names of the locks that keep power off
     */
    private function __construct(
        public array $pads,
        public array $parts,
        public ?int $solid,
        public ?int $maybe,
        public ?int $flagAt,
        public ?string $flag,
        public ?string $locked,
        public int $height,
        public string $spoken,
    ) {
    }

    /** @param  bool  $judged  with what is believed of each part; else only how far the last start got and what stands in it */
    public static function of(Assessment $assessment, Catalogue $catalogue, bool $judged = true): self
    {
        $count = $catalogue->stageCount();
        $stop = $assessment->stop;
        [$earliest, $likeliest] = $stop === null ? [0, 0] : [$stop->earliest(), $stop->likeliest()];
        $pads = [];
        foreach ($catalogue->stageIds as $i => $id) {
            $pads[] = [
                'x' => self::x($i),
                'name' => $catalogue->stages[$id]->name,
                'state' => match (true) {
                    $stop === null => 'beyond',
                    $i < $earliest => 'reached',
                    $i < $likeliest => 'maybe',
                    $i === $likeliest => 'stopped',
                    default => 'beyond',
                },
            ];
        }
        $parts = array_map(
            fn (ChainPart $part): ChainPart => $judged ? $part : $part->unjudged(),
            self::parts($assessment, $catalogue),
        );
        $locks = array_map(fn (ActiveLock $active): string => $active->lock->name, $judged ? $assessment->locks->onPower() : []);
        $lowest = max([0, ...array_map(fn (ChainPart $part): int => $part->y, $parts)]);

        return new self(
            pads: $pads,
            parts: $parts,
            solid: $earliest > 0 ? self::x($earliest - 1) : null,
            maybe: $likeliest > $earliest ? self::x($likeliest - 1) : null,
            flagAt: $stop === null || $likeliest >= $count ? null : self::x($likeliest),
            flag: $stop === null ? null : ($likeliest >= $count ? null : 'stops'),
            locked: $locks === [] ? null : implode(', ', $locks),
            height: $lowest + 16,
            spoken: self::spoken($stop === null ? null : $likeliest, $catalogue),
        );
    }

    public static function x(int $stage): int
    {
        return self::FIRST + $stage * self::STEP + ($stage > self::MEMORY ? self::MEMORY_EXTRA : 0);
    }

    private static function spoken(?int $stop, Catalogue $catalogue): string
    {
        if ($stop === null || $stop === 0) {
            return $stop === null ? 'The machine was not started yet.' : 'The last start stopped before anything.';
        }
        $names = array_column($catalogue->stages, 'name');

        [$before, $not] = [$names[$stop - 1] ?? null, $names[$stop] ?? null];

        return $not === null
            ? 'The last start went all the way.'
            : "The last start got as far as \"{$before}\" and stopped before \"{$not}\".";
    }

    /** @return list<ChainPart> */
    private static function parts(Assessment $assessment, Catalogue $catalogue): array
    {
        $rows = [];
        $parts = [];
        foreach ($assessment->standings as $standing) {
            $part = $standing->part;
            if ($part->id === 'outside' || ($part->kind->id === 'stick' && self::slotRow($part, $assessment) !== null)) {
                continue;
            }
            $stage = $catalogue->stageIndex($part->kind->at);
            $row = $rows[$stage] = ($rows[$stage] ?? -1) + 1;
            $y = self::ROWS_FROM + $row * self::ROW;
            $stick = $part->kind->id === 'slot' ? self::stickIn($part, $assessment) : null;
            $label = $part->kind->id === 'slot' ? substr($part->name, 5).($stick === null ? ', empty' : '') : self::label($part);
            $isHere = ! $assessment->machine->isAtHome($part);
            $parts[] = self::drawn($standing, self::x($stage), $y, $label, $row === 0, isHere: $isHere);
            if ($stick !== null) {
                $parts[] = self::drawn($stick, self::x($stage) + self::STICK_AT, $y, (string) substr($stick->part->name, 6), false, true);
            }
        }

        return $parts;
    }

    private static function drawn(
        PartStanding $standing,
        int $x,
        int $y,
        string $label,
        bool $stem,
        bool $small = false,
        bool $isHere = true,
    ): ChainPart {
        $percent = in_array($standing->standing, [Standing::Suspect, Standing::Provisional, Standing::Condemned], true)
            ? (string) Percent::whole($standing->stated)
            : null;
        $entries = array_values(array_unique(array_map(fn (Because $b): int => $b->entry, $standing->because)));
        $title = self::title($standing, $percent, $entries, $isHere);

        return new ChainPart(
            id: $standing->part->id,
            x: $x,
            y: $y,
            label: $label,
            standing: $standing->standing->value,
            percent: $percent,
            title: $title,
            stem: $stem,
            small: $small,
            lent: str_starts_with($standing->state, 'lent ') ? substr($standing->state, 5) : null,
            out: $standing->state === 'out' || ! $isHere,
            entries: $entries,
        );
    }

    /** @param  list<int>  $entries that made its standing */
    private static function title(PartStanding $standing, ?string $percent, array $entries, bool $isHere): string
    {
        return "{$standing->part->name}: {$standing->words()}"
            .($percent === null ? '' : ", {$percent} %")
            .($entries === [] ? '' : ', by entr'.(count($entries) > 1 ? 'ies ' : 'y ').implode(', ', array_slice($entries, 0, 6)))
            .(str_starts_with($standing->state, 'lent') ? ', '.$standing->state : '')
            .($isHere ? '' : ', stayed at home')
            .($standing->fitted === null ? '' : ', new');
    }

    private static function label(Part $part): string
    {
        return $part->name === $part->kind->name
            ? $part->kind->short
            : (mb_strlen($part->name) > 14
                ? mb_substr($part->name, 0, 13).'…'
                : $part->name);
    }

    private static function slotRow(Part $stick, Assessment $assessment): ?string
    {
        return $assessment->machine->slots[$stick->id] ?? null;
    }

    private static function stickIn(Part $slot, Assessment $assessment): ?PartStanding
    {
        $stick = array_search($slot->id, $assessment->machine->slots, true);

        return $stick === false ? null : $assessment->standings[$stick];
    }
}
