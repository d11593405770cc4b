<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Row;
use Symfony\Component\Yaml\Yaml;

/**
 * A practice machine worked from the owner's words to a start that stays up, with why at each deed. Which deeds and why is written in
 * `core/practice/worked.yaml`; what they show the machine answers.
 */
final readonly class WorkedCourse
{
    /** @param  array<int, string>  $why deeds done, with this one => why it was done */
    private function __construct(public Attempt $attempt, public array $why)
    {
    }

    /** The worked course of a family. */
    public static function of(string $family, Catalogue $catalogue): self
    {
        $file = 'worked.yaml';
        $row = Row::of((array) Yaml::parseFile(dirname(__DIR__, 2)."/practice/{$file}"), $file)->row('courses')->row($family);
        $attempt = Attempt::begin(Puzzle::fromArray($row->row('puzzle')->all()), $catalogue);
        $why = [];
        foreach ($row->rows('deeds') as $one) {
            $attempt->do($one->row('deed')->all());
            $why[count($attempt->done)] = $one->text('why');
        }

        return new self($attempt, $why);
    }

    /** It stayed up at its last start, with all its own or new parts in. */
    public function isSolved(): bool
    {
        $last = $this->attempt->record()->lastStart();

        return $last?->reached === 'stays' && $last->setUp->lent === [] && $last->setUp->out === [];
    }
}
