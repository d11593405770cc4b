<?php

declare(strict_types=1);

namespace Orthoscope\Core\Patterns;

/** One closed job as the watch sees it: what it was, and what came of it. */
final readonly class Seen
{
    /**
     * @param  array<string, list<string>>  $is   attribute => values, such as "model" => ["Heron T2"]; what is not known is left out
     * @param  list<string>  $came outcomes, such as "cause:board" or "comeback"
     */
    public function __construct(public string $job, public int $day, public array $is, public array $came)
    {
    }

    /** The family of its model; empty where it has none. */
    public function family(): string
    {
        return $this->is['family'][0] ?? '';
    }
}
