<?php

declare(strict_types=1);

namespace App\View;

/** The chain in thumb size: twelve pads, whole up to where it surely got, striped where it may have got, empty beyond. */
final readonly class Thumb
{
    public const STAGES = 12;

    /** @param  list<string>  $pads "reached", "maybe" or "beyond" */
    private function __construct(public array $pads, public string $spoken)
    {
    }

    /** @param  array{int, int}|null  $stop earliest and likeliest stage not reached */
    public static function of(?array $stop): self
    {
        [$earliest, $likeliest] = $stop ?? [0, 0];
        $pads = [];
        for ($i = 0; $i < self::STAGES; $i++) {
            $pads[] = $i < $earliest ? 'reached' : ($i < $likeliest ? 'maybe' : 'beyond');
        }

        return new self($pads, match (true) {
            $stop === null => 'not started yet',
            $likeliest >= self::STAGES => 'goes all the way',
            $earliest === $likeliest => "reaches {$likeliest} of ".self::STAGES,
            default => "reaches {$earliest} to {$likeliest} of ".self::STAGES,
        });
    }
}
