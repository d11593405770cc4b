<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Catalogue\CheckResult;
use Orthoscope\Core\Catalogue\Event;
use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Catalogue\Lock;
use Orthoscope\Core\Catalogue\PartKind;
use Orthoscope\Core\Catalogue\Question;
use Orthoscope\Core\Catalogue\QuestionAnswer;
use Orthoscope\Core\Catalogue\Reach;
use Orthoscope\Core\Catalogue\School;
use Orthoscope\Core\Catalogue\SignChannel;
use Orthoscope\Core\Catalogue\Step;
use Orthoscope\Core\SetUp\Manner;

/** Everything that can be said in a case file, with plain words. */
final class Vocabulary
{
    /** @return array<string, array<int|string, mixed>> */
    public static function of(Catalogue $catalogue): array
    {
        return [
            ...self::ofMachines($catalogue),
            ...self::ofEvidence($catalogue),
            ...self::ofWork($catalogue),
            ...self::ofOwners($catalogue),
        ];
    }

    /** @return array<string, array<int|string, mixed>> what a machine is, and what can be wrong with it */
    private static function ofMachines(Catalogue $catalogue): array
    {
        return [
            'stages' => array_values($catalogue->stages),
            'outcomes' => array_map(
                fn (Reach $r): array => ['id' => $r->id, 'name' => $r->name, 'plain' => $r->plain],
                array_values($catalogue->reaches),
            ),
            'parts' => array_map(
                fn (PartKind $p): array => [
                    'id' => $p->id,
                    'name' => $p->name,
                    'plain' => $p->plain,
                    'also' => $p->also,
                    'stage' => $p->stage,
                    'link' => $p->link,
                    'can_be_lent' => $p->lendable,
                ],
                array_values($catalogue->parts),
            ),
            'faults' => array_map(
                fn (Fault $f): array => [
                    'id' => $f->id,
                    'part' => $f->part,
                    'name' => $f->name,
                    'plain' => $f->plain,
                    'shows' => $f->shows,
                    'refuses' => $f->with,
                    'in_a_thousand' => $f->prior,
                    'cured_by' => $f->cures,
                ],
                array_values($catalogue->faults),
            ),
        ];
    }

    /** @return array<string, array<int|string, mixed>> what can be seen of it */
    private static function ofEvidence(Catalogue $catalogue): array
    {
        return [
            'signs' => array_map(
                fn (SignChannel $s): array => [
                    'id' => $s->id,
                    'name' => $s->name,
                    'plain' => $s->plain,
                    'needs' => $s->needs,
                    'values' => $s->values,
                ],
                array_values($catalogue->signs),
            ),
            'checks' => array_map(
                fn (Check $c): array => [
                    'id' => $c->id,
                    'name' => $c->name,
                    'kind' => $c->kind,
                    'target' => $c->target,
                    'results' => array_map(fn (CheckResult $r): array => ['id' => $r->id, 'name' => $r->name], $c->results),
                ],
                array_values($catalogue->checks),
            ),
        ];
    }

    /** @return array<string, array<int|string, mixed>> what can be done, and what keeps from it */
    private static function ofWork(Catalogue $catalogue): array
    {
        return [
            'acts' => array_map(
                fn (Act $a): array => ['id' => $a->id, 'name' => $a->name, 'plain' => $a->plain, 'minutes' => $a->minutes],
                array_values($catalogue->acts),
            ),
            'actions' => array_map(
                fn (Step $s): array => [
                    'id' => $s->id,
                    'name' => $s->name,
                    'minutes' => $s->minutes,
                    'why' => $s->why,
                    'puts_power_on' => $s->power,
                ],
                array_values($catalogue->steps),
            ),
            'schools' => array_map(fn (School $s): array => ['id' => $s->id, 'name' => $s->name], array_values($catalogue->schools)),
            'locks' => array_map(
                fn (Lock $l): array => ['id' => $l->id, 'name' => $l->name, 'sentence' => $l->sentence, 'unlock' => $l->unlock],
                array_values($catalogue->locks),
            ),
        ];
    }

    /** @return array<string, array<int|string, mixed>> what owners tell, and what they are asked */
    private static function ofOwners(Catalogue $catalogue): array
    {
        return [
            'events' => array_map(fn (Event $e): array => ['id' => $e->id, 'name' => $e->name], array_values($catalogue->events)),
            'history' => array_map(fn (Event $e): array => ['id' => $e->id, 'name' => $e->name], array_values($catalogue->history)),
            'manners' => ['often' => Manner::OFTEN, 'only' => Manner::ONLY],
            'questions' => array_map(
                fn (Question $q): array => [
                    'id' => $q->id,
                    'ask' => $q->ask,
                    'answers' => array_map(fn (QuestionAnswer $a): array => ['id' => $a->id, 'name' => $a->say], array_values($q->answers)),
                ],
                array_values($catalogue->questions),
            ),
            'marks' => array_map(fn (Event $e): array => ['id' => $e->id, 'name' => $e->name], array_values($catalogue->marks)),
        ];
    }
}
