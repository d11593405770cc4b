<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook;

/** Lines of a page under a heading. */
final readonly class Passage
{
    /** @param  list<Item>  $items */
    public function __construct(public string $heading, public array $items, public string $lead = '')
    {
    }
}
