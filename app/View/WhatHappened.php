<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Entry as StoredEntry;
use App\Models\Job;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Stage;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Agreement;
use Orthoscope\Core\Evidence\Closing;
use Orthoscope\Core\Evidence\Collection;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Words\ActInPlain;
use Orthoscope\Core\Words\StartInPlain;

/** The course of a job for its owner: days, plain words, and how far along the chain it got each time. */
final readonly class WhatHappened
{
    /**
     * @param  list<array{at: Carbon, words: string, reached: ?int}>  $steps
     * @param  list<Stage>  $chain
     */
    private function __construct(public array $steps, public array $chain)
    {
    }

    public static function of(Job $job, Assessment $assessment, Catalogue $catalogue): self
    {
        $stored = $job->entries()->get()->keyBy('number');
        $steps = [['at' => $job->arrived_at ?? $job->created_at, 'words' => 'Your machine came to us.', 'reached' => null]];
        foreach ($assessment->record->inForce as $entry) {
            $words = self::words($entry, $assessment, $catalogue);
            $last = $steps[array_key_last($steps)];
            if ($words !== null && ! ($entry instanceof Start) && $last['words'] === $words) {
                // The same again says nothing new: six readings that found nothing are one line.
                continue;
            }
            if ($words !== null) {
                /** @var StoredEntry $row */
                $row = $stored[$entry->number];
                $steps[] = [
                    'at' => $row->made_at,
                    'words' => $words,
                    'reached' => $entry instanceof Start ? $catalogue->reach($entry->reached)->firstStop : null,
                ];
            }
        }

        return new self($steps, array_values($catalogue->stages));
    }

    private static function words(Entry $entry, Assessment $assessment, Catalogue $catalogue): ?string
    {
        return match (true) {
            $entry instanceof Start => StartInPlain::sentence(
                'We started it'.($entry->setUp->lent === [] ? '' : ' with a part of ours'),
                $entry,
                $catalogue,
            ),
            $entry instanceof Finding => $catalogue->check($entry->check)->result($entry->result)->findsSomething()
                ? 'We looked or measured, and something was not as it should be.'
                : 'We looked or measured, and saw nothing wrong there.',
            $entry instanceof ActDone => $entry->begun ? null : ActInPlain::sentence($entry, $assessment->machine, $catalogue),
            $entry instanceof Agreement => match ($entry->answer) {
                'accepted', 'told' => 'You said yes to what we suggested.',
                'declined' => 'You said no to what we suggested.',
                'asked' => 'You asked us something.',
                default => null,
            },
            $entry instanceof Closing => 'We closed the job, and wrote you the letter.',
            $entry instanceof Collection => 'You fetched it.',
            default => null,
        };
    }
}
