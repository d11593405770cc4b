<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\SetUp\SetUp;

/** What was worked out of the entries so far, to be taken up when the record has grown. Plain data: it may be stored. */
final readonly class KeptReplay
{
    /**
     * @param  string  $footing of which modes and circumstances it holds
     * @param  list<string>  $spares that were in question, in their order
     * @param  list<int>  $entries numbers of those that were gone through
     * @param  array{array{string, string, array<int, list<int>>}, string, string, string, float, float}  $belief
     * @param  array<string, string>  $fitted part => tag of what was fitted in its place
     * @param  array<int, float>  $predicted
     * @param  array<string, true>  $introduced
     * @param  array{array<int, array<string, array<array-key, int>>>, array<int, array<string, array<array-key, int>>>}  $shown
     */
    public function __construct(
        public string $footing,
        public array $spares,
        public array $entries,
        public array $belief,
        public SetUp $setUp,
        public array $fitted,
        public array $predicted,
        public array $introduced,
        public array $shown,
    ) {
    }
}
