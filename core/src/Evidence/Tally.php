<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** Something taken off or turned off for the work, or put back. It moves no belief; it is counted back before the side goes on. */
final readonly class Tally extends Entry
{
    public const OFF = 'off';

    public const BACK = 'back';

    /** What is counted; what is done only for now, and what a new board asks for, count as off by themselves. */
    public const KINDS = [
        'plug' => 'plug',
        'drive' => 'drive',
        'screws' => 'screws',
        'setting' => 'setting',
        'temporary' => 'only for now',
        'aftercare' => 'after the new board',
    ];

    /**
     * @param  string  $what  one of KINDS
     * @param  string  $item  which one, in the words of the bench
     * @param  string  $way   OFF or BACK
     * @param  int  $count  how many, from 1
     */
    public function __construct(Head $head, public string $what, public string $item, public string $way, public int $count)
    {
        parent::__construct($head);
    }

    public function kind(): string
    {
        return 'tally';
    }
}
