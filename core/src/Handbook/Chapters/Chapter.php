<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook\Chapters;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Handbook\Item;
use Orthoscope\Core\Handbook\Page;

/** Pages of one kind, with what is known about each in words. */
abstract class Chapter
{
    final protected const PER_THOUSAND = ' in 1,000 jobs';

    public function __construct(protected readonly Catalogue $catalogue)
    {
    }

    /** @return iterable<Page> */
    abstract public function pages(): iterable;

    final protected static function percent(float $share): string
    {
        $percent = 100 * $share;

        return ($percent >= 1.0 || $percent === 0.0 ? (string) round($percent) : '<1').' %';
    }

    final protected function faultItem(string $fault, string $value = ''): Item
    {
        $of = $this->catalogue->fault($fault);

        return new Item("{$this->catalogue->part($of->part)->name}: {$of->name}", "fault/{$fault}", $value);
    }

    final protected function actItem(string $act, string $value = ''): Item
    {
        return new Item(ucfirst($this->catalogue->act($act)->name), "act/{$act}", $value);
    }

    final protected function checkItem(string $check, string $value = ''): Item
    {
        return new Item(ucfirst($this->catalogue->check($check)->name), "check/{$check}", $value);
    }

    final protected function stepItem(string $step, string $value = ''): Item
    {
        $of = $this->catalogue->steps[$step];

        return new Item(self::named($of->name), "step/{$step}", $value === '' ? "{$of->minutes} min" : $value);
    }

    /** A step without the part it would be made on. */
    final protected static function named(string $step): string
    {
        return ucfirst(trim(str_replace(['{target}', '{Target}', '{slot}'], ['the part', 'The part', 'other'], $step)));
    }
}
