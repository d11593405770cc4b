<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Words;

use Orthoscope\Core\Words\Certainty;
use PHPUnit\Framework\TestCase;

final class CertaintyTest extends TestCase
{
    public function test_the_same_word_always_means_the_same_share(): void
    {
        $words = array_map(fn (float $p): string => Certainty::of($p)->value, [0.1, 0.49, 0.5, 0.79, 0.8, 0.94, 0.95, 1.0]);
        $this->assertSame(['possible', 'possible', 'likely', 'likely', 'very likely', 'very likely', 'almost sure', 'almost sure'], $words);
    }

    public function test_nothing_is_sure_that_was_not_confirmed(): void
    {
        $this->assertSame(Certainty::Sure, Certainty::of(0.97, confirmed: true));
        $this->assertNotSame(Certainty::Sure, Certainty::of(1.0));
        $this->assertNotSame(Certainty::Sure, Certainty::of(0.9, confirmed: true));
    }

    public function test_it_is_said_in_cases_of_ten(): void
    {
        $this->assertSame('very likely, about 9 in 10', Certainty::of(0.88)->with(0.88));
        $this->assertSame('very likely, about 9 in 10', Certainty::of(0.949)->with(0.949), 'never ten in ten');
        $this->assertSame('possible, about 1 in 10', Certainty::of(0.01)->with(0.01));
        $this->assertSame('almost sure', Certainty::of(0.96)->with(0.96));
    }
}
