<?php

declare(strict_types=1);

namespace Orthoscope\Core\SetUp;

/** How often and when a machine fails, as its owner tells it: "two mornings out of ten, and never once it is warm". */
final readonly class Manner
{
    public const ALWAYS = 'always';

    public const SOMETIMES = 'sometimes';

    public const OFTEN = [self::ALWAYS => 'every time', self::SOMETIMES => 'now and then'];

    public const ONLY = [
        'cold' => 'only when cold, after standing',
        'warm' => 'only once it is warm',
        'load' => 'only at hard work',
        'hours' => 'only after hours',
    ];

    /** More starts than this nobody counts at home. Origin: judgement. */
    public const MOST_STARTS = 200;

    /**
     * @param  ?string  $often  ALWAYS or SOMETIMES; null = not said
     * @param  ?string  $only   condition under which alone it fails, a key of ONLY; null = not said
     * @param  ?int  $failed starts that failed, 1 to `of`; null = not counted
     * @param  ?int  $of     of so many, 1 to MOST_STARTS
     */
    private function __construct(public ?string $often, public ?string $only, public ?int $failed, public ?int $of)
    {
    }

    /** Null where nothing is said. What is counted says by itself whether it is every time. */
    public static function told(?string $often = null, ?string $only = null, ?int $failed = null, ?int $of = null): ?self
    {
        $often = $of === null ? $often : ($failed === $of ? self::ALWAYS : self::SOMETIMES);

        return $often === null && $only === null ? null : new self($often, $only, $failed, $of);
    }

    public function comesAndGoes(): bool
    {
        return $this->often === self::SOMETIMES || $this->only !== null;
    }

    /** How the machine is used when it fails. */
    public function failing(): SetUp
    {
        return match ($this->only) {
            'cold' => new SetUp(place: Place::Owner, temperature: Temperature::Cold),
            'warm' => new SetUp(place: Place::Owner, temperature: Temperature::Warm),
            'load' => new SetUp(place: Place::Owner, goal: Goal::Load),
            'hours' => new SetUp(place: Place::Owner, goal: Goal::Hours),
            default => new SetUp(place: Place::Owner),
        };
    }

    /** How it is used when it does not fail; null where that is not said. */
    public function otherwise(): ?SetUp
    {
        return match ($this->only) {
            null => null,
            'cold' => new SetUp(place: Place::Owner, temperature: Temperature::Warm),
            'warm' => new SetUp(place: Place::Owner, temperature: Temperature::Cold),
            default => new SetUp(place: Place::Owner),
        };
    }

    /** One sentence for the owner. */
    public function plain(): string
    {
        $counted = match (true) {
            $this->of !== null => "in {$this->failed} of {$this->of} starts",
            $this->often !== null => self::OFTEN[$this->often],
            default => '',
        };
        $only = [
            'cold' => 'only when it was cold',
            'warm' => 'only once it was warm',
            'load' => 'only when it worked hard',
            'hours' => 'only after hours',
        ][$this->only] ?? '';

        return 'It did so '.implode(', ', array_filter([$counted, $only])).'.';
    }

    public function words(): string
    {
        $counted = $this->of === null ? self::OFTEN[$this->often] ?? '' : "{$this->failed} of {$this->of} starts";

        return implode(', ', array_filter([$counted, self::ONLY[$this->only] ?? '']));
    }
}
