<?php

declare(strict_types=1);

namespace Orthoscope\Core\Returns;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;

/** Whether a machine that came back does what it did the first time. */
enum Sameness
{
    case NotStarted;
    case NotShown;
    case Same;
    case Other;

    /** The first start that failed then against the first that failed now. */
    public static function of(Record $then, Record $now, Catalogue $catalogue): self
    {
        $again = self::failed($now, $catalogue);

        return match (true) {
            $now->lastStart() === null => self::NotStarted,
            $again === null => self::NotShown,
            self::failed($then, $catalogue)?->reached === $again->reached => self::Same,
            default => self::Other,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::NotStarted => 'Not compared yet.',
            self::NotShown => 'It does not show here yet.',
            self::Same => 'The same as then.',
            self::Other => 'Something else than then.',
        };
    }

    private static function failed(Record $record, Catalogue $catalogue): ?Start
    {
        foreach ($record->all(Start::class) as $start) {
            if ($catalogue->reach($start->reached)->firstStop < $catalogue->stageCount()) {
                return $start;
            }
        }

        return null;
    }
}
