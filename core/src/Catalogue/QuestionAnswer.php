<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\SetUp\Manner;

/** One answer to a question, and what it means as evidence. */
final readonly class QuestionAnswer
{
    /**
     * @param  string  $say     as the caller would say it
     * @param  ?string  $reached outcome of a start
     * @param  array<string, string>  $signs   sign channel => value
     * @param  ?array{string, string}  $found  look and its result
     * @param  ?string  $event   what happened just before
     * @param  ?string  $mark    mark as made at arrival
     * @param  ?Manner  $manner  how often and when it fails
     * @param  ?string  $stop    instruction that ends everything else
     */
    private function __construct(
        public string $id,
        public string $say,
        public ?string $reached,
        public array $signs,
        public ?array $found,
        public ?string $event,
        public ?string $mark,
        public ?Manner $manner,
        public ?string $stop,
    ) {
    }

    /** @param  array<string, mixed>  $row */
    public static function fromArray(array $row): self
    {
        return new self(
            (string) $row['id'], $row['say'], $row['reached'] ?? null, array_map(strval(...), $row['signs'] ?? []),
            isset($row['found']) ? explode(':', $row['found'], 2) : null, $row['event'] ?? null, $row['mark'] ?? null, Manner::told($row['often'] ?? null, $row['only'] ?? null), $row['stop'] ?? null,
        );
    }
}
