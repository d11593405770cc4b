<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** What a look or a reading showed. */
final readonly class Finding extends Entry
{
    /**
     * @param  string  $check  the look or reading
     * @param  ?string  $target the part it was made on, if on one
     * @param  string  $result one of the check's results
     * @param  array<string, float>  $values measured values that led to the result, by name
     */
    public function __construct(
        int $number, string $at, string $by, string $text,
        public string $check, public ?string $target, public string $result, public array $values,
    ) {
        parent::__construct($number, $at, $by, $text);
    }

    public function kind(): string
    {
        return 'finding';
    }
}
