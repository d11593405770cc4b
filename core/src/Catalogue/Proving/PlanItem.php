<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Proving;

use Orthoscope\Core\SetUp\SetUp;

/** One thing that may have to be proved: a look or reading that must pass, or a start under a condition. */
final readonly class PlanItem
{
    /**
     * @param  string  $plain   in the words of the owner
     * @param  ?string  $check   the look or reading
     * @param  ?string  $pass    the result of it that proves
     * @param  ?SetUp  $setUp   the start that must stay up
     * @param  list<string>  $when    conditions, one of which must hold
     * @param  bool  $consent goes beyond the log-in screen
     * @param  bool  $long    only where the owner wanted it proved long
     * @param  ?string  $needs   kind of part the machine must have
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $plain,
        public ?string $check,
        public ?string $pass,
        public ?SetUp $setUp,
        public array $when,
        public bool $consent,
        public bool $long,
        public ?string $needs,
    ) {
    }

    /** @param  array<string, mixed>  $row */
    public static function fromArray(array $row): self
    {
        return new self(
            $row['id'], $row['name'], $row['plain'], $row['check'] ?? null, $row['pass'] ?? null, isset($row['start']) ? SetUp::fromArray($row['start']) : null,
            $row['when'], $row['consent'] ?? false, ($row['depth'] ?? '') === 'long', $row['needs'] ?? null,
        );
    }
}
