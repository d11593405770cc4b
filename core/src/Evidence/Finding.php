<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Chain\Lent;

/** What a look or a reading showed. */
final readonly class Finding extends Entry
{
    /** The word for a host machine that has no tag. */
    public const ANY_HOST = 'host';

    /**
     * @param  string  $check  the look or reading
     * @param  ?string  $target the part it was made on, if on one
     * @param  string  $result one of the check's results
     * @param  array<string, float>  $values measured values that led to the result, by name
     * @param  Lent  $host   the known-good machine it was made in, for a check that needs one
     */
    public function __construct(
        int $number, string $at, string $by, string $text,
        public string $check, public ?string $target, public string $result, public array $values, public Lent $host,
    ) {
        parent::__construct($number, $at, $by, $text);
    }

    public function kind(): string
    {
        return 'finding';
    }
}
