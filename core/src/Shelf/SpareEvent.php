<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

use DateTimeImmutable;

/** Something that happened to a spare and bears on whether it is good. */
final readonly class SpareEvent
{
    public const ADDED = 'added';

    public const PASSED = 'passed';

    public const FAILED = 'failed';

    public const EXPOSED = 'exposed';

    public const DOUBTED = 'doubted';

    /**
     * @param  string  $kind  one of the constants
     * @param  string  $what  origin, or method of proof
     * @param  string  $machine tag of the job whose machine it happened in; empty where it was in none of them
     * @param  float  $share for an exposure, the chance that it was ruined; for a doubt, the chance that a job gives it of being bad: 0
     *     to 1
     */
    private function __construct(
        public string $kind,
        public DateTimeImmutable $at,
        public string $what,
        public float $share,
        public string $machine = '',
    ) {
    }

    public static function added(DateTimeImmutable $at, string $origin): self
    {
        return new self(self::ADDED, $at, $origin, 0.0);
    }

    public static function passed(DateTimeImmutable $at, string $proof, string $machine = ''): self
    {
        return new self(self::PASSED, $at, $proof, 0.0, $machine);
    }

    public static function failed(DateTimeImmutable $at, string $proof, string $machine = ''): self
    {
        return new self(self::FAILED, $at, $proof, 0.0, $machine);
    }

    public static function exposed(DateTimeImmutable $at, float $ruined, string $machine = ''): self
    {
        return new self(self::EXPOSED, $at, '', max(0.0, min(1.0, $ruined)), $machine);
    }

    public static function doubted(DateTimeImmutable $at, float $bad, string $machine = ''): self
    {
        return new self(self::DOUBTED, $at, '', max(0.0, min(1.0, $bad)), $machine);
    }
}
