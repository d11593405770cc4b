<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\SetUp\SetUp;

/**
 * A start that somebody else made and told of, with how the machine was put together and where: the owner with a stick out, a friend with
 * another screen, the maker's bench. It leads; it proves and condemns nothing.
 */
final readonly class OthersTrial extends Entry
{
    /** Who made it, and how the record and the letter name them. */
    public const BY = ['owner' => 'its owner', 'friend' => 'a friend', 'shop' => 'another shop', 'maker' => 'its maker'];

    /** At the owner's own socket, screen and leads. */
    public const HOME = 'home';

    /** With another socket, screen and leads. */
    public const ELSEWHERE = 'elsewhere';

    /** The tag of a part put in that was theirs. */
    public const THEIRS = 'theirs';

    /**
     * @param  string  $who one of BY
     * @param  string  $where HOME or ELSEWHERE
     * @param  SetUp  $setUp how it was put together; what was put in is theirs
     * @param  string  $reached outcome of the start
     * @param  array<string, string>  $signs sign channel => value
     * @param  int  $times so often, always with that outcome
     * @param  list<string>  $theirs parts in whose place they put another, as told: leads and screen of another place not among them
     */
    public function __construct(
        Head $head,
        public string $who,
        public string $where,
        public SetUp $setUp,
        public string $reached,
        public array $signs,
        public int $times,
        public array $theirs,
    ) {
        parent::__construct($head);
    }

    public function kind(): string
    {
        return 'trial';
    }
}
