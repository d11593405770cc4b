<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

use InvalidArgumentException;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Electrical\Sizing\CardPower;
use Orthoscope\Core\Electrical\Sizing\Load;
use Orthoscope\Core\Electrical\Sizing\SupplySizing;
use Orthoscope\Core\Electrical\Sizing\SupplyUnit;

/**
 * What a part that is bought or comes off the shelf means for the parts that stay: whether they go together, whether the supply is large
 * enough, whether its plugs are there. Worked out where both sides are known; else it says what to look for.
 */
final readonly class GoesWith
{
    public function __construct(private Machine $machine)
    {
    }

    /**
     * @param  array<string, string>  $facts of the part, by fact; what is not known is not there
     *
     * @return list<string> sentences
     */
    public function sentences(string $kind, array $facts): array
    {
        return match ($kind) {
            'supply' => $this->supply($facts),
            'card' => $this->card(trim($facts['plug'] ?? '')),
            'board' => [$this->stays('Processor', 'socket', $facts), $this->stays('Memory', 'memory', $facts)],
            'processor' => [$this->takes('The socket', 'socket', $facts)],
            'stick' => [
                $this->takes('The board', 'memory', $facts),
                ...count($this->machine->ofKind('stick')) > 1 ? ['Beside what stays it runs at the speed of the slowest.'] : [],
            ],
            default => [],
        };
    }

    /**
     * @param  array<string, string>  $facts
     *
     * @return list<string>
     */
    private function supply(array $facts): array
    {
        $plug = $this->cardPlugOf(trim($facts['plugs'] ?? ''));
        try {
            $unit = SupplyUnit::of(
                (float) trim($facts['watts'] ?? ''),
                (float) trim($facts['amps12'] ?? ''),
                $plug === null ? [] : [$plug => 1],
            );
        } catch (InvalidArgumentException) {
            // Nobody has written down its label, or not as one reads.
            return ['It must give what the parts draw and have every plug of the old one: add them up first.'];
        }
        $plain = SupplySizing::of($unit, $this->loads([]));
        $says = sprintf('At work the parts draw about %.0f of its %.0f W', $plain->watts, $unit->watts);
        $verdict = self::verdict($plain);
        if ($this->machine->has('card') && $plug !== null) {
            $fed = SupplySizing::of($unit, $this->loads([$plug => 1]));
            $says .= sprintf(', %.0f if the card takes its %s plug', $fed->watts, $plug);
            $verdict = self::verdict($fed) === $verdict ? $verdict : "{$verdict}, with the plug ".self::verdict($fed);
        }

        return [
            "{$says}: {$verdict}.",
            ...$this->machine->has('card') && $plug === null ? ['It has no plug for a card: look whether the card needs one.'] : [],
        ];
    }

    /** @return list<string> */
    private function card(string $plug): array
    {
        if ($plug !== 'none' && ! isset(CardPower::PLUGS[$plug])) {
            return ['The supply must have its plug and its watts: look at both first.'];
        }
        $plugs = $plug === 'none' ? [] : [$plug => 1];
        $draw = array_sum(array_map(fn (Load $load): float => $load->watts, $this->loads($plugs)));

        return [
            sprintf(
                '%s; the machine then draws about %.0f W at work: a supply of %d W or more%s.',
                $plug === 'none' ? 'It needs no plug from the supply' : 'It needs '.($plug === '8-pin' ? 'an' : 'a')." {$plug} plug",
                $draw,
                self::label($draw),
                $plug === 'none' ? '' : ' that has the plug',
            ),
        ];
    }

    /** @param  array<string, string>  $facts */
    private function stays(string $part, string $fact, array $facts): string
    {
        $has = trim($facts[$fact] ?? '');
        $mine = $this->machine->platform[$fact] ?? '';

        return match (true) {
            $has === '' => "{$part} must be what the new board takes: look first.",
            $mine === '' => "{$part} must be {$has} to stay: look first.",
            strcasecmp($has, $mine) === 0 => "{$part} stays: both are {$has}.",
            default => "{$part} does not stay: it is {$mine}, the board takes {$has}.",
        };
    }

    /** @param  array<string, string>  $facts */
    private function takes(string $taker, string $fact, array $facts): string
    {
        $has = trim($facts[$fact] ?? '');
        $mine = $this->machine->platform[$fact] ?? '';

        return match (true) {
            $has === '' || $mine === '' => "{$taker} must take it: look first what both are"
                .($has.$mine === '' ? '' : ', one is '.$has.$mine)
                .'.',
            strcasecmp($has, $mine) === 0 => "{$taker} takes it: both are {$has}.",
            default => "{$taker} does not take it: that is {$mine}, this is {$has}.",
        };
    }

    /**
     * @param  array<string, int>  $plugs that the card takes
     *
     * @return list<Load>
     */
    private function loads(array $plugs): array
    {
        return [
            $this->machine->draws->processor(null),
            ...$this->machine->has('card') || $plugs !== [] ? [$this->machine->draws->card(null, $plugs)] : [],
            $this->machine->draws->rest(count($this->machine->ofKind('stick')), count($this->machine->ofKind('drive'))),
        ];
    }

    /** The strongest plug for a card among those of a supply. */
    private function cardPlugOf(string $plugs): ?string
    {
        $strongest = null;
        foreach (CardPower::PLUGS as $plug => $watts) {
            if (str_contains($plugs, "{$plug} card") && ($strongest === null || $watts > CardPower::PLUGS[$strongest])) {
                $strongest = $plug;
            }
        }

        return $strongest;
    }

    private static function verdict(SupplySizing $sizing): string
    {
        return match (true) {
            $sizing->tooSmall => 'too small',
            $sizing->tight => 'tight',
            default => 'enough',
        };
    }

    /** Watts that a label must say, so that it is not tight; in tens, as labels go. */
    private static function label(float $draw): int
    {
        return (int) (ceil($draw / SupplySizing::TIGHT_FROM / 10.0) * 10);
    }
}
