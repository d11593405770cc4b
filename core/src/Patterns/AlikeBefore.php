<?php

declare(strict_types=1);

namespace Orthoscope\Core\Patterns;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Statistics\Binomial;

/** What the earlier jobs on the same model that stopped at the same place turned out to be, for the one on the bench. */
final readonly class AlikeBefore
{
    /** @param  array<string, int>  $causes part kind => jobs, most first */
    private function __construct(public int $jobs, public array $causes)
    {
    }

    /** @param  list<string>  $causes kind of part that was the cause, one for each earlier job; empty where none was found */
    public static function of(array $causes): self
    {
        $counts = array_count_values(array_filter($causes, fn (string $cause): bool => $cause !== ''));
        arsort($counts);

        return new self(count($causes), $counts);
    }

    /** In one sentence, with the range that so few allow; null where there was none before. */
    public function sentence(string $model, Catalogue $catalogue): ?string
    {
        if ($this->jobs === 0) {
            return null;
        }
        $begin = $this->jobs === 1 ? "One {$model} stopped here before" : "{$this->jobs} {$model} stopped here before";
        $part = array_key_first($this->causes);
        if ($part === null) {
            return "{$begin}; what it was is not known.";
        }
        $name = lcfirst($catalogue->parts[$part]->name ?? $part);
        if ($this->jobs === 1) {
            return "{$begin}: it was the {$name}.";
        }
        [$low, $high] = Binomial::of($this->causes[$part], $this->jobs)->interval();

        return sprintf(
            '%s: %d of them for the %s, which says %d to %d in a hundred.',
            $begin,
            $this->causes[$part],
            $name,
            (int) round(100 * $low),
            (int) round(100 * $high),
        );
    }
}
