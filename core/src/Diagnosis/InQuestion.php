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
use Orthoscope\Core\SetUp\SetUp;

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
        // Those that may be lent come first and the rest as the record brings them, so that an entry more changes no number.
        $all = $candidates;
        foreach ($record->inForce as $entry) {
            array_push($all, ...match (true) {
                $entry instanceof Start, $entry instanceof OthersTrial => self::lent($entry->setUp),
                $entry instanceof ActDone => self::fitted($entry),
                $entry instanceof Answer => self::ownersOwn($entry, $catalogue, $machine),
                $entry instanceof Finding => self::host($entry, $catalogue),
                default => [],
            });
        }
        $spares = [];
        foreach ($all as [$tag, $part]) {
            $spares["{$tag} {$part}"] = [$tag, $part];
        }

        return array_values($spares);
    }

    /** @return list<array{string, string}> */
    private static function lent(SetUp $setUp): array
    {
        $lent = [];
        foreach ($setUp->lent as $part => $spare) {
            $lent[] = [$spare->tag, $part];
        }
        foreach ($setUp->attached as $tool) {
            $lent[] = [Mode::tool($tool), self::TOOL_ON];
        }

        return $lent;
    }

    /** @return list<array{string, string}> */
    private static function fitted(ActDone $act): array
    {
        return $act->with === null ? [] : array_map(fn (string $part): array => [$act->with->tag, $part], $act->on);
    }

    /** @return list<array{string, string}> */
    private static function ownersOwn(Answer $answer, Catalogue $catalogue, Machine $machine): array
    {
        $parts = self::homeParts($catalogue->question($answer->question), $machine);

        return array_map(fn (string $part): array => [Answer::HOME, $part], $parts);
    }

    /** @return list<array{string, string}> */
    private static function host(Finding $finding, Catalogue $catalogue): array
    {
        return $finding->target !== null && $catalogue->check($finding->check)->host ? [[$finding->host->tag, $finding->target]] : [];
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
