<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

/** What a step may show, and how likely each is under a fault set. */
interface OutcomeForecast
{
    /** @return list<array{result: string, signs: array<string, string>, words: string}> */
    public function outcomes(): array;

    /**
     * @param  list<int>  $faults faults that are there
     *
     * @return array<int, float> outcome number => probability; those left out cannot happen
     */
    public function given(array $faults): array;
}
