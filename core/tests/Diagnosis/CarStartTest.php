<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\Likelihood;
use PHPUnit\Framework\TestCase;

/**
 * The car start network of Jensen & Nielsen, "Bayesian Networks and Decision Graphs" (numbers quoted from memory), on
 * the same engine. Expected values recomputed with R 4.2:
 *   f<-.98; p<-.96; ns<-f*p*.01+f*(1-p)*.99+(1-f); c(ns, (1-f)/ns, (f*(1-p)*.99+(1-f)*(1-p))/ns)
 *   h<-c(f*.60*p*.01, f*.60*(1-p)*.99, (1-f)*.001*p, (1-f)*.001*(1-p)); c(sum(h[3:4])/sum(h), sum(h[c(2,4)])/sum(h))
 */
final class CarStartTest extends TestCase
{
    private const NO_FUEL = 0;

    private const DIRTY_PLUGS = 1;

    public function test_no_start(): void
    {
        $prior = Belief::independent([self::NO_FUEL => 0.02, self::DIRTY_PLUGS => 0.04]);
        $this->assertEqualsWithDelta(0.0682, $prior->predict($this->noStart()), 0.00005);
        $after = $prior->given($this->noStart());
        $this->assertEqualsWithDelta(0.2932, $after->had(self::NO_FUEL), 0.00005);
        $this->assertEqualsWithDelta(0.5806, $after->had(self::DIRTY_PLUGS), 0.00005);
    }

    public function test_meter_at_half(): void
    {
        $after = Belief::independent([self::NO_FUEL => 0.02, self::DIRTY_PLUGS => 0.04])
            ->given($this->noStart())
            ->given($this->meterHalf());
        $this->assertEqualsWithDelta(0.00069, $after->had(self::NO_FUEL), 0.000005);
        $this->assertEqualsWithDelta(0.8043, $after->had(self::DIRTY_PLUGS), 0.00005);
    }

    private function noStart(): Likelihood
    {
        return new class implements Likelihood
        {
            public function given(array $faults): float
            {
                return match (true) {
                    in_array(0, $faults, true) => 1.0,
                    in_array(1, $faults, true) => 0.99,
                    default => 0.01,
                };
            }
        };
    }

    private function meterHalf(): Likelihood
    {
        return new class implements Likelihood
        {
            public function given(array $faults): float
            {
                return in_array(0, $faults, true) ? 0.001 : 0.6;
            }
        };
    }
}
