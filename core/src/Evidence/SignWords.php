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

    public function reached(string $word): string
    {
        return Written::oneOf('outcome of a start', $word, array_keys($this->catalogue->reaches), '/reached');
    }

    /**
     * @param  array<string, mixed>  $given
     *
     * @return array<string, string>
     */
    public function signs(array $given): array
    {
        $signs = [];
        foreach ($given as $channel => $value) {
            Written::oneOf('sign', (string) $channel, array_keys($this->catalogue->signs), "/signs/{$channel}");
            $values = array_map(strval(...), array_keys($this->catalogue->sign((string) $channel)->values));
            $signs[$channel] = Written::oneOf($this->catalogue->sign((string) $channel)->name, (string) $value, $values, "/signs/{$channel}");
        }
        ksort($signs);

        return $signs;
    }
}
