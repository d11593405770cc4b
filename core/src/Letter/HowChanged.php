<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Closure;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Because;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;

/** How a part was changed for a start, as an owner is told of it. */
enum HowChanged
{
    /** Another one in its place. */
    case Lent;

    /** Taken out. */
    case Out;

    /** The board out of its case: said of the case. */
    case OnTheMat;

    /** Worked on, moved, or left out of use. */
    case Otherwise;

    /** That it got further so, and that the trouble came back as it was before. */
    public function cameBack(): string
    {
        return match ($this) {
            self::Lent => 'With another one in its place the machine got further. With the old one back, the trouble came back.',
            self::Out => 'Without it the machine got further. With it in again, the trouble came back.',
            self::OnTheMat => 'Out of its case the machine got further. Back in it, the trouble came back.',
            self::Otherwise => 'With that left out of use the machine got further. With it in use again, the trouble came back.',
        };
    }

    /** By the starts in which the trouble stayed. */
    public static function inVain(PartStanding $standing, Record $record): self
    {
        $numbers = array_map(fn (Because $because): int => $because->entry, Grounds::only($standing->because, Ground::NoChange));

        return self::most($standing, $record, fn (Start $start): bool => in_array($start->number, $numbers, true));
    }

    /** By the starts in which it got further; where no single one speaks for that, by those that stayed up. */
    public static function withGain(PartStanding $standing, Record $record, Catalogue $catalogue): self
    {
        $numbers = array_map(fn (Because $because): int => $because->entry, Grounds::only($standing->because, Ground::Improved));
        $how = self::most($standing, $record, fn (Start $start): bool => in_array($start->number, $numbers, true));

        return $how === self::Otherwise
            ? self::most($standing, $record, fn (Start $start): bool => ! $catalogue->isFailure($start->best()))
            : $how;
    }

    /**
     * What was lent once is told as lent.
     *
     * @param  Closure(Start): bool  $speaks
     */
    private static function most(PartStanding $standing, Record $record, Closure $speaks): self
    {
        $starts = array_filter($record->all(Start::class), $speaks);
        $how = array_map(fn (Start $start): self => self::in($start->setUp, $standing), $starts);
        foreach ([self::Lent, self::Out, self::OnTheMat] as $one) {
            if (in_array($one, $how, true)) {
                return $one;
            }
        }

        return self::Otherwise;
    }

    private static function in(SetUp $setUp, PartStanding $standing): self
    {
        return match (true) {
            $setUp->isLent($standing->part->id) => self::Lent,
            $setUp->isOut($standing->part->id) => self::Out,
            $setUp->place === Place::Bench && $standing->part->kind->id === 'case' => self::OnTheMat,
            default => self::Otherwise,
        };
    }
}
