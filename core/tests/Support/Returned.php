<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Support;

/** Courses that more than one test of returns begins with. */
final class Returned
{
    /** A stick condemned and replaced; the cooler was never tested. */
    public const STICK = [
        ['kind' => 'start', 'reached' => 'dark', 'waited' => 120],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['out' => ['stick-2']]],
        ['kind' => 'start', 'reached' => 'dark', 'waited' => 120],
        ['kind' => 'finding', 'check' => 'stick-in-host', 'target' => 'stick-2', 'result' => 'fails'],
        ['kind' => 'act', 'act' => 'replace', 'on' => ['stick-2']],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench']],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 6],
        ['kind' => 'closing', 'price' => 9000, 'warranty_months' => 6],
    ];
}
