<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use InvalidArgumentException;
use Throwable;

/** A practice machine that cannot be set up as it is described. */
final class PuzzleMistake extends InvalidArgumentException
{
    /** @param  string  $path where it stands in the file, such as "/faults/0/part"; empty for the whole */
    private function __construct(public readonly string $path, public readonly string $sentence, ?Throwable $previous = null)
    {
        parent::__construct($path === '' ? $sentence : "{$path}: {$sentence}", 0, $previous);
    }

    public static function at(string $path, string $sentence, ?Throwable $previous = null): self
    {
        return new self($path, $sentence, $previous);
    }

    /** @param  list<string>  $shown faults that this part can have */
    public static function noSuchFault(int $i, string $fault, string $part, array $shown): self
    {
        $known = $shown === [] ? 'it can have none that shows' : 'it can have: '.implode(', ', $shown);

        return new self("/faults/{$i}/fault", "\"{$fault}\" is no fault of {$part} of this machine; {$known}.");
    }
}
