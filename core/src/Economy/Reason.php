<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Plain\Percent;

/** Why the first of the ways on is first. */
final class Reason
{
    /**
     * One sentence.
     *
     * @param  list<Option>  $options cheapest first; there is always one
     * @param  int  $worth what the machine is worth to its owner, minor units
     */
    public static function of(array $options, int $worth, Currency $currency): string
    {
        $first = $options[0];
        $worthWords = $currency->amount($worth);
        // What testing on would cost is said in a sentence of its own.
        $second =
            array_values(array_filter(array_slice($options, 1), fn (Option $option): bool => $option->way !== 'test'))[0] ?? null;
        $more = $second === null
                ? ''
                : sprintf(
                    ' “%s” is expected to cost %s more.',
                    $second->name,
                    $currency->amount($second->expects->cost - $first->expects->cost),
                );

        return match (true) {
            $first->way === 'prove' => sprintf(
                'It is right with %d %%. Whatever else is done is done only if it fails again.',
                (int) floor(100 * $first->expects->cures),
            ),
            $first->way === 'test' => "What it tells is worth more than it costs: whatever is bought now would be bought too soon.{$more}",
            $first->end => "Every cure is expected to cost more than the machine is worth to its owner ({$worthWords}).{$more}",
            default => sprintf(
                'It fixes it in %d of 100 cases, for %s; what follows where it does not is counted in.%s',
                Percent::whole($first->expects->cures),
                $currency->amount($first->expects->outlay),
                $more,
            ),
        };
    }
}
