<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Own;

use InvalidArgumentException;

/** A text that cannot be kept so; the message says why and what to do. */
final class UnusableText extends InvalidArgumentException
{
    /** @param  list<string>  $fields that may stand in it */
    public static function unknownField(string $field, ?string $nearest, array $fields): self
    {
        $meant = $nearest === null ? '' : " Did you mean {{$nearest}}?";

        return new self("{{$field}} is no field here.{$meant} There are {".implode('}, {', $fields).'}.');
    }

    public static function stray(string $around): self
    {
        return new self("A { or } stands alone near \"{$around}\"; a field is a name between both, as {name}.");
    }

    public static function long(int $most): self
    {
        return new self("Keep it under {$most} letters.");
    }

    public static function lines(): self
    {
        return new self('A subject is one line; take the line breaks out.');
    }

    public static function nothing(): self
    {
        return new self('A message needs words; type them, or put back what ships.');
    }
}
