<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Question;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Answer;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\OthersTrial;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;

/** What beside the machine's own parts is in question on a record, and which of its own parts are not. */
final class InQuestion
{
    /** The part that a tool is attached to. */
    public const TOOL_ON = 'board';

    /**
     * @param  list<array{string, string}>  $candidates
     *
     * @return list<array{string, string}> tag and part of every spare or host that was used, or may be
     */
    public static function spares(Record $record, array $candidates, Catalogue $catalogue, Machine $machine): array
    {
        $spares = [];
        // Those that may be lent come first, so that lending one changes no order.
        foreach ([...$candidates, ...self::lent($record), ...self::fitted($record)] as [$tag, $part]) {
            $spares["{$tag} {$part}"] = [$tag, $part];
        }
        foreach ($record->all(Answer::class) as $answer) {
            foreach (self::homeParts($catalogue->question($answer->question), $machine) as $part) {
                $spares[Answer::HOME." {$part}"] = [Answer::HOME, $part];
            }
        }
        foreach ($record->all(Finding::class) as $finding) {
            if ($finding->target !== null && $catalogue->check($finding->check)->host) {
                $spares["{$finding->host->tag} {$finding->target}"] = [$finding->host->tag, $finding->target];
            }
        }

        return array_values($spares);
    }

    /** @return list<array{string, string}> */
    private static function lent(Record $record): array
    {
        $lent = [];
        foreach ([...$record->all(OthersTrial::class), ...$record->all(Start::class)] as $start) {
            foreach ($start->setUp->lent as $part => $spare) {
                $lent[] = [$spare->tag, $part];
            }
            foreach ($start->setUp->attached as $tool) {
                $lent[] = [Mode::tool($tool), self::TOOL_ON];
            }
        }

        return $lent;
    }

    /** @return list<array{string, string}> */
    private static function fitted(Record $record): array
    {
        $fitted = [];
        foreach ($record->all(ActDone::class) as $act) {
            if ($act->with !== null) {
                foreach ($act->on as $part) {
                    $fitted[] = [$act->with->tag, $part];
                }
            }
        }

        return $fitted;
    }

    /** @return list<string> slots that never held a stick */
    public static function emptySlots(Machine $machine, Record $record): array
    {
        $used = array_values($machine->slots);
        foreach ($record->all(Start::class) as $start) {
            array_push($used, ...array_values($start->setUp->moved));
        }

        return array_values(array_diff(array_column($machine->ofKind('slot'), 'id'), $used));
    }

    /** @return list<string> parts in whose place the owner puts another of theirs */
    public static function homeParts(Question $question, Machine $machine): array
    {
        return array_merge(
            ...array_map(fn (string $kind): array => array_slice(array_column($machine->ofKind($kind), 'id'), 0, 1), $question->lends),
            ...[[]],
        );
    }
}
