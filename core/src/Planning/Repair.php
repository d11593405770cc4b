<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Chain\Part;

/** An act on a part that puts right what is wrong with it. */
final readonly class Repair
{
    /** Handing it to a specialist ends the work on it. */
    public const HAND_ON = 'hand-on';

    /**
     * @param  float  $cost bench minutes, with money turned into minutes and one start to see
     * @param  list<string>  $on   all parts it is done to, the first of them first
     */
    private function __construct(public Act $act, public Part $part, public float $cost, public array $on)
    {
    }

    /** @param  list<string>  $also further parts that it is done to at once */
    public static function of(
        Act $act,
        Part $part,
        float $moneyPerMinute,
        float $startMinutes,
        float $specialistMinutes,
        array $also = [],
    ): self {
        $money = $act->money + ($act->buysPart ? $part->kind->price : 0);
        $minutes = $act->id === self::HAND_ON ? $specialistMinutes : $act->minutes;

        return new self($act, $part, $minutes + $money / $moneyPerMinute + $startMinutes, [$part->id, ...$also]);
    }

    public function endsIt(): bool
    {
        return $this->act->id === self::HAND_ON;
    }

    public function id(): string
    {
        return "{$this->act->id}:{$this->part->id}";
    }

    public function name(): string
    {
        return match (true) {
            $this->act->buysPart => "replace {$this->part->inSentence()}",
            isset($this->on[1]) => $this->act->name,
            default => "{$this->act->name} ({$this->part->name})",
        };
    }
}
