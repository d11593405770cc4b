<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook;

/** One line of a page: what it says, where more of it stands, and what the number beside it is. */
final readonly class Item
{
    /**
     * @param  ?string  $to   address of another page, as Page::$address; null = leads nowhere
     * @param  string  $value what stands beside it, such as a number
     * @param  ?string  $was  what ships, where the shop has a value of its own
     */
    public function __construct(public string $words, public ?string $to = null, public string $value = '', public ?string $was = null)
    {
    }
}
