<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook\Chapters;

use Orthoscope\Core\Handbook\Page;
use Orthoscope\Core\Handbook\Passage;

/** Each order of steps that people follow by habit. */
final class Schools extends Chapter
{
    public function pages(): iterable
    {
        foreach ($this->catalogue->schools as $school) {
            yield new Page(
                'school',
                $school->id,
                'School: '.$school->name,
                $school->byMinutes
                    ? 'Whatever takes least time comes first. What that costs on a job stands above its steps.'
                    : 'The same steps in this order, whatever was seen. What following it costs on a job stands above its steps.',
                [new Passage('In this order', array_values(array_map(
                    fn (string $step) => $this->stepItem($step),
                    array_filter($school->order, fn (string $step): bool => isset($this->catalogue->steps[$step])),
                )))],
            );
        }
    }
}
