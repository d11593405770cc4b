<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use InvalidArgumentException;
use Throwable;

/** Something in a case file, or in one entry, that cannot be understood. */
final class CaseMistake extends InvalidArgumentException
{
    /** @param  string  $path where it stands, such as "/entries/2/reached"; empty for the whole */
    private function __construct(public readonly string $path, public readonly string $sentence, ?Throwable $previous = null)
    {
        parent::__construct($path === '' ? $sentence : "{$path}: {$sentence}", 0, $previous);
    }

    public static function at(string $path, string $sentence, ?Throwable $previous = null): self
    {
        return new self($path, $sentence, $previous);
    }

    public function below(string $prefix): self
    {
        return new self($prefix.$this->path, $this->sentence, $this);
    }
}
