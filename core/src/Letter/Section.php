<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

/** One part of a letter: a heading and plain sentences. */
final readonly class Section
{
    /** @param  list<Sentence>  $sentences */
    public function __construct(public string $id, public string $heading, public array $sentences)
    {
    }
}
