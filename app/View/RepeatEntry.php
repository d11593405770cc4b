<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;

/** An entry that is probably wrong, to be made once more: the form it belongs in, filled with how it was made and not with what it gave. */
final readonly class RepeatEntry
{
    /**
     * @param  string  $dialog "start" or "check"
     * @param  string  $fill   fields of the form and their values, as JSON
     * @param  ?string  $setUp how it was put together, as JSON; of a start alone
     */
    private function __construct(public int $number, public string $dialog, public string $fill, public ?string $setUp)
    {
    }

    /** @return ?self null where no entry is doubted, or one of a kind that cannot be made again */
    public static function of(?int $number, Record $record): ?self
    {
        foreach ([...$record->all(Start::class), ...$record->all(Finding::class)] as $entry) {
            if ($entry->number === $number) {
                return $entry instanceof Start ? self::start($entry) : self::finding($entry);
            }
        }

        return null;
    }

    private static function start(Start $start): self
    {
        return new self($start->number, 'start', '{}', json_encode($start->setUp->toArray() ?: (object) [], JSON_THROW_ON_ERROR));
    }

    private static function finding(Finding $finding): self
    {
        $fill = ['entry[check]' => $finding->check] + ($finding->target === null ? [] : ['entry[target]' => $finding->target]);

        return new self($finding->number, 'check', json_encode($fill, JSON_THROW_ON_ERROR), null);
    }
}
