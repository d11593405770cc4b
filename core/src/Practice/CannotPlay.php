<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use RuntimeException;

/** A deed that the practice room cannot answer, and why. Nothing happened and no minute passed. */
final class CannotPlay extends RuntimeException
{
    public static function kind(string $kind): self
    {
        return new self("Here a machine is started, looked at and worked on; \"{$kind}\" is not played.");
    }

    public static function notFarEnough(string $look, string $stage): self
    {
        return new self("\"{$look}\" needs a machine that gets past: {$stage}. In its last start it did not.");
    }

    public static function notStarted(string $look, string $stage): self
    {
        return new self("\"{$look}\" needs a machine that gets past: {$stage}. It was not started yet.");
    }

    public static function over(): self
    {
        return new self('This machine was answered already. Take the next one.');
    }
}
