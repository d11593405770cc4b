<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** The owner answered a quote, or the shop went ahead within what was agreed at intake. It moves no belief. */
final readonly class Agreement extends Entry
{
    /** What the answer was. */
    public const ANSWERS = [
        'accepted' => 'the owner accepts',
        'declined' => 'the owner declines',
        'asked' => 'the owner asks',
        'ahead' => 'went ahead within the limit',
        'told' => 'the owner agreed on the telephone',
    ];

    /**
     * @param  string  $answer  one of ANSWERS
     * @param  int  $amount  total agreed to, minor units of money
     * @param  string  $variant letter of the variant; empty if none was picked
     * @param  string  $agreed  the text that was agreed to, word for word
     */
    public function __construct(Head $head, public string $answer, public int $amount, public string $variant, public string $agreed)
    {
        parent::__construct($head);
    }

    public function kind(): string
    {
        return 'agreement';
    }

    public function givesLeave(): bool
    {
        return in_array($this->answer, ['accepted', 'ahead', 'told'], true);
    }
}
