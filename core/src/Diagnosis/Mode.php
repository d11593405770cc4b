<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\SetUp\SetUp;

/**
 * One way one part can be at fault: which start stage it stops and how often. What persists (the way a part died, the
 * rate at which it fails) is drawn once, so each is a mode of its own.
 */
final readonly class Mode
{
    private const TOOL = 'attached:';

    /**
     * @param  string  $part  the part at fault
     * @param  int  $stop  index of the stage it keeps a start from reaching; the number of stages if no start shows it
     * @param  float  $share share of this fault's machines that have it this way, from 0 to 1
     * @param  ?string  $channel the memory channel it is about, if about one
     * @param  float  $redrawn share of the starts it stops in which it is drawn anew, of the places of its fault, where it stops them
     * @param  bool  $alone   it is thought of as the only fault of a machine, not beside another
     * @param  ?string  $spare tag of the spare, new part or host machine at fault, instead of the machine's own part
     */
    public function __construct(
        public Fault $fault,
        public string $part,
        public int $stop,
        public Hazard $hazard,
        public float $share = 1.0,
        public ?string $channel = null,
        public ?string $spare = null,
        public bool $alone = false,
        public float $redrawn = 0.0,
    ) {
    }

    /** The tag under which a tool that is attached to look is in question. */
    public static function tool(string $tool): string
    {
        return self::TOOL.$tool;
    }

    public static function isTool(string $tag): bool
    {
        return str_starts_with($tag, self::TOOL);
    }

    /** What is at fault, when it is not the machine's own part. */
    public static function outsider(string $tag): string
    {
        return match (true) {
            $tag === Finding::ANY_HOST => 'the host machine',
            self::isTool($tag) => SetUp::TOOLS[substr($tag, strlen(self::TOOL))] ?? 'what is attached',
            default => "spare {$tag}",
        };
    }
}
