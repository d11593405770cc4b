<?php

declare(strict_types=1);

namespace Orthoscope\Core\Words;

/** One scale of words for how sure we are, so that the same word always means the same share. Where the words begin is judgement. */
enum Certainty: string
{
    case Sure = 'sure';
    case Almost = 'almost sure';
    case VeryLikely = 'very likely';
    case Likely = 'likely';
    case Possible = 'possible';

    /** @param  bool  $confirmed seen, measured or shown by putting the old part back; nothing else is sure */
    public static function of(float $probability, bool $confirmed = false): self
    {
        return match (true) {
            $confirmed && $probability >= 0.96 => self::Sure,
            $probability >= 0.95 => self::Almost,
            $probability >= 0.8 => self::VeryLikely,
            $probability >= 0.5 => self::Likely,
            default => self::Possible,
        };
    }

    /** "very likely, about 9 in 10". */
    public function with(float $probability): string
    {
        $tenths = (int) round(10 * $probability);

        return match ($this) {
            self::Sure => 'sure',
            self::Almost => 'almost sure',
            default => "{$this->value}, about ".max(1, min(9, $tenths)).' in 10',
        };
    }
}
