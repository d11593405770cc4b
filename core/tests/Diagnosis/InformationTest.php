<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Diagnosis\Information;
use PHPUnit\Framework\TestCase;

/** Expected information against tables worked out by hand. */
final class InformationTest extends TestCase
{
    public function test_a_question_that_splits_evenly_tells_one_bit(): void
    {
        $this->assertEqualsWithDelta(1.0, Information::gain([[0.25, [0 => 1.0]], [0.25, [0 => 1.0]], [0.5, [1 => 1.0]]]), 1e-12);
    }

    public function test_a_noisy_channel_by_hand(): void
    {
        // Two states alike, the answer right nine times in ten: 1 - H(0.9) = 1 - 0.46900 = 0.53100 bits.
        $this->assertEqualsWithDelta(0.53100, Information::gain([[0.5, [0 => 0.9, 1 => 0.1]], [0.5, [0 => 0.1, 1 => 0.9]]]), 0.000005);
    }

    public function test_it_never_tells_more_than_its_answer_can_hold(): void
    {
        $states = [[0.6, [0 => 0.7, 1 => 0.3]], [0.3, [1 => 0.5, 2 => 0.5]], [0.1, [2 => 1.0]]];
        $answers = [0.42, 0.33, 0.25];
        $gain = Information::gain($states);
        $this->assertLessThan(Information::bits($answers), $gain);
        $this->assertGreaterThan(0.0, $gain);
    }

    public function test_uncertainty_in_bits(): void
    {
        $this->assertEqualsWithDelta(2.0, Information::bits([0.25, 0.25, 0.25, 0.25]), 1e-12);
        $this->assertSame(0.0, Information::bits([1.0, 0.0]));
    }

    public function test_a_question_with_one_answer_tells_nothing(): void
    {
        $this->assertSame(0.0, Information::gain([[0.5, [0 => 1.0]], [0.5, [0 => 1.0]]]));
    }
}
