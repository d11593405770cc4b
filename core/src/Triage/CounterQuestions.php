<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Event;
use Orthoscope\Core\Catalogue\Question;
use Orthoscope\Core\Catalogue\Reach;
use Orthoscope\Core\Catalogue\SignChannel;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\SetUp\Manner;

/**
 * What to ask an owner who stands at the counter, after what they said: each question with what it is expected to tell of which part it
 * is, and its answers, those that tell most first. A sign that goes without saying after what was told is not among them.
 *
 * @phpstan-import-type ToldReport from Heard
 */
final readonly class CounterQuestions
{
    /** Channels of signs that an owner can tell of without tools. */
    private const SIGNS = ['beeps', 'fans'];

    /** Where a sign shows one value in so many of the starts that end so, what was told has told it already. Origin: judgement. */
    private const GOES_WITHOUT_SAYING = 0.9;

    /** @param  array<string, CounterQuestion>  $all by field: those answered, then those that tell most first */
    private function __construct(public array $all)
    {
    }

    /**
     * @param  ToldReport  $told a report, as in a case file: what was told so far
     * @param  string  $words the owner's own
     */
    public static function after(array $told, string $words, Machine $machine, Catalogue $catalogue): self
    {
        $heard = Heard::in($words, $catalogue);
        $filled = self::withoutContradiction($heard->filling($told), $catalogue);
        $record = new Record([(new EntryReader($catalogue, $machine))->read(1, ['kind' => 'report', ...$filled])]);
        $planner = new QuestionPlanner($catalogue, Replay::of($machine, $record, $catalogue), $record);
        $questions = [];
        foreach (self::asked($catalogue, $filled) as $field => $question) {
            // What is told of a start is told of one and the same: once told it is no longer a question.
            $isTold = $field !== 'events' && (isset($told[$field]) || isset($told['signs'][$field]));
            $answers = $planner->answersTell($question);
            arsort($answers);
            $questions[$field] = new CounterQuestion(
                $field,
                $isTold ? 0.0 : array_sum($answers),
                $answers,
                $isTold ? null : $heard->means[$field] ?? null,
                $field === 'events' ? array_values(array_diff($heard->events, $told['events'] ?? [])) : [],
                $isTold,
            );
        }
        // What was answered stands first and stays there; then what it does, which most else hangs on.
        $rank = fn (CounterQuestion $one): array => [$one->isTold, $one->field === 'reached', $one->isHeard(), $one->bits];
        uasort($questions, fn (CounterQuestion $a, CounterQuestion $b): int => $rank($b) <=> $rank($a));

        return new self($questions);
    }

    /**
     * @param  ToldReport  $told
     *
     * @return array<string, Question> field => the question, as if it were asked of a caller
     */
    private static function asked(Catalogue $catalogue, array $told): array
    {
        $start = array_filter(['reached' => $told['reached'] ?? null]);
        $seen = array_filter($catalogue->reaches, fn (Reach $reach): bool => ! $reach->isOpenEnded());
        $asked = [
            'reached' => self::question('reached', array_map(fn (Reach $reach): array => ['reached' => $reach->id], $seen)),
            'often' => self::question('often', self::each('often', array_keys(Manner::OFTEN))),
            'only' => self::question('only', self::each('only', array_keys(Manner::ONLY))),
            'events' => self::question('events', array_map(fn (Event $event): array => ['event' => $event->id], $catalogue->events)),
        ];
        $reach = isset($start['reached']) ? $catalogue->reach($start['reached']) : null;
        foreach (self::SIGNS as $channel) {
            $values = array_keys($catalogue->sign($channel)->values);
            $isSaid = isset($told['signs'][$channel]);
            if ($reach !== null && ! $isSaid && self::goesWithoutSaying($catalogue->sign($channel), $reach, $catalogue)) {
                continue;
            }
            $asked[$channel] = self::question(
                $channel,
                array_combine($values, array_map(fn (string $value): array => [...$start, 'signs' => [$channel => $value]], $values)),
            );
        }

        return $asked;
    }

    /**
     * How often it fails is not told of a machine that is said to stay up.
     *
     * @param  ToldReport  $told
     *
     * @return ToldReport
     */
    private static function withoutContradiction(array $told, Catalogue $catalogue): array
    {
        if (isset($told['reached']) && $catalogue->reach($told['reached'])->firstStop === $catalogue->stageCount()) {
            unset($told['often'], $told['only']);
        }

        return $told;
    }

    private static function goesWithoutSaying(SignChannel $channel, Reach $reach, Catalogue $catalogue): bool
    {
        for ($stop = $reach->firstStop; $stop <= $reach->lastStop; $stop++) {
            $most = 0.0;
            foreach (array_keys($channel->values) as $value) {
                $most = max($most, $channel->share((string) $value, $catalogue->stageIds[$stop] ?? 'none', null, 0.0));
            }
            if ($most < self::GOES_WITHOUT_SAYING) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<string>  $values
     *
     * @return array<string, array<string, string>>
     */
    private static function each(string $field, array $values): array
    {
        return array_combine($values, array_map(fn (string $value): array => [$field => $value], $values));
    }

    /** @param  array<string, array<string, mixed>>  $answers answer => its meaning */
    private static function question(string $id, array $answers): Question
    {
        $rows = [];
        foreach ($answers as $answer => $meaning) {
            $rows[] = ['id' => (string) $answer, 'say' => (string) $answer, ...$meaning];
        }

        return Question::fromRow(
            Row::of(['id' => $id, 'kind' => 'ask', 'ask' => $id, 'minutes' => 1, 'setup' => [], 'answers' => $rows], 'the counter'),
        );
    }
}
