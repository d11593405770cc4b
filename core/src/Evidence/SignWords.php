<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Catalogue;

/** Reads how far a start got, and the signs it gave, of a report or a start. */
final readonly class SignWords
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function reached(Written $written): string
    {
        return $written->oneOf('outcome of a start', 'reached', array_keys($this->catalogue->reaches));
    }

    /** @return array<string, string> channel => value */
    public function signs(Written $written): array
    {
        $signs = [];
        foreach ($written->keys() as $channel) {
            $written->known('sign', $channel, array_keys($this->catalogue->signs), $channel);
            $sign = $this->catalogue->sign($channel);
            $signs[$channel] = $written->oneOf($sign->name, $channel, array_map(strval(...), array_keys($sign->values)));
        }
        ksort($signs);

        return $signs;
    }
}
