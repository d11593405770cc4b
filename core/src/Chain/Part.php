<?php

declare(strict_types=1);

namespace Orthoscope\Core\Chain;

use Orthoscope\Core\Catalogue\PartKind;

/** One part or link of one machine. */
final readonly class Part
{
    public function __construct(public string $id, public PartKind $kind, public string $name)
    {
    }

    /** "the supply", "stick 1": how it is called inside a sentence. */
    public function inSentence(): string
    {
        $isOneOfMany = $this->kind->many && str_starts_with($this->name, "{$this->kind->name} ");
        if ($isOneOfMany) {
            return lcfirst($this->name);
        }
        $name = $this->name === $this->kind->name ? lcfirst($this->name) : $this->name;

        return 'the '.$name;
    }
}
