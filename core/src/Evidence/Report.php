<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\SetUp\Manner;

/** What somebody said: how the machine behaves, what happened just before, marks seen at arrival. */
final readonly class Report extends Entry
{
    public const SEEN = 'seen';

    public const REMEMBERED = 'remembered';

    /** Someone else's view of the cause: kept, and no evidence. */
    public const OPINION = 'opinion';

    /** Told of the machine that a part came out of, which is not here: it weighs little, and no start here is held against it. */
    public const APART = 'apart';

    /**
     * @param  ?string  $reached outcome of a start as told
     * @param  array<string, string>  $signs   sign channel => value, as told
     * @param  list<string>  $events  what happened just before
     * @param  list<string>  $marks   marks made at arrival, which raise locks
     * @param  list<string>  $history what was done earlier, and how it went
     * @param  ?string  $when    when it was, as a year or a year and month (2026, 2026-06); null = not said
     * @param  array<string, float>  $carried fault => factor of its prior that an earlier job of the same machine leaves
     * @param  ?Manner  $manner how often and when it fails; null = not said
     * @param  string  $source  SEEN, REMEMBERED, OPINION or APART: how far it counts
     */
    public function __construct(
        Head $head,
        public ?string $reached,
        public array $signs,
        public array $events,
        public array $marks,
        public string $source = self::SEEN,
        public array $history = [],
        public ?string $when = null,
        public array $carried = [],
        public ?Manner $manner = null,
    ) {
        parent::__construct($head);
    }

    /** It tells how this machine behaves. */
    public function isOfThis(): bool
    {
        return $this->source === self::SEEN || $this->source === self::REMEMBERED;
    }

    public function kind(): string
    {
        return 'report';
    }
}
