<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\SetUp\Manner;
use Orthoscope\Core\Triage\CounterQuestion;
use Orthoscope\Core\Triage\CounterQuestions;
use Orthoscope\Core\Triage\DeskMachine;

/**
 * What the counter asks beside the owner's words: what is useful after them first, the rest behind one press.
 *
 * @phpstan-type Answered array{value: string, words: string, checked: bool, heard: bool}
 */
final readonly class CounterAsks
{
    /** Events shown at once; the others stand behind one press. */
    private const EVENTS = 6;

    private const LEGENDS = [
        'reached' => 'What does it do?',
        'often' => 'How often?',
        'only' => 'When?',
        'beeps' => 'Beeps',
        'fans' => 'Fans',
        'events' => 'Just before',
    ];

    /** @param  array<string, mixed>  $given fields as they stand in the form, unchecked: what is not known is left out */
    private function __construct(private Catalogue $catalogue, public CounterQuestions $questions, private array $given)
    {
    }

    /** @param  CounterQuestions  $questions after nothing was said */
    public static function blank(CounterQuestions $questions, Catalogue $catalogue): self
    {
        return new self($catalogue, $questions, []);
    }

    /** @param  array<array-key, mixed>  $given fields as they stand in the form, unchecked */
    public static function after(array $given, Catalogue $catalogue): self
    {
        $told = [];
        $text = fn (string $field): string => is_string($given[$field] ?? null) ? $given[$field] : '';
        foreach (['reached' => $catalogue->reaches, 'often' => Manner::OFTEN, 'only' => Manner::ONLY] as $field => $known) {
            if (isset($known[$text($field)])) {
                $told[$field] = $text($field);
            }
        }
        foreach (['beeps', 'fans'] as $channel) {
            if (isset($catalogue->sign($channel)->values[$text($channel)])) {
                $told['signs'][$channel] = $text($channel);
            }
        }
        $happened = array_filter((array) ($given['events'] ?? []), is_string(...));
        $events = array_values(array_filter($happened, fn (string $event): bool => isset($catalogue->events[$event])));
        if ($events !== []) {
            $told['events'] = $events;
        }
        $machine = DeskMachine::MADE_OF;
        $machine['card'] = $text('picture_from') !== 'own';
        $machine['facts']['own_graphics'] = in_array($text('picture_from'), ['own', 'both'], true);

        return new self(
            $catalogue,
            CounterQuestions::after(
                $told,
                mb_substr($text('complaint'), 0, 2000),
                Machine::fromArray($machine, $catalogue),
                $catalogue,
            ),
            [...$told, ...$told['signs'] ?? []],
        );
    }

    /** @return list<CounterQuestion> what is worth asking now, and what was answered */
    public function useful(): array
    {
        return array_values(array_filter($this->questions->all, fn (CounterQuestion $question): bool => $question->isWorthAsking()));
    }

    /** @return list<CounterQuestion> */
    public function rest(): array
    {
        return array_values(array_filter($this->questions->all, fn (CounterQuestion $question): bool => ! $question->isWorthAsking()));
    }

    public function legend(CounterQuestion $question): string
    {
        return self::LEGENDS[$question->field];
    }

    /** @return list<Answered> in the order of the catalogue; events by what they tell */
    public function answers(CounterQuestion $question): array
    {
        $words = $this->words($question->field);
        if ($question->field === 'events') {
            $words = array_replace(array_intersect_key(array_fill_keys(array_keys($question->answers), ''), $words), $words);
        }
        $answers = [];
        foreach ($words as $value => $name) {
            $value = (string) $value;
            $answers[] = [
                'value' => $value,
                'words' => $name,
                'checked' => in_array($value, (array) ($this->given[$question->field] ?? []), true),
                'heard' => $question->heard === $value || in_array($value, $question->happened, true),
            ];
        }

        return $answers;
    }

    /** @return array{list<Answered>, list<Answered>} those shown, and those behind one press: of what was answered all but the answer */
    public function shownAndMore(CounterQuestion $question): array
    {
        $answers = $this->answers($question);
        if ($question->isTold) {
            return self::parted($answers, fn (array $answer): bool => $answer['checked']);
        }
        if ($question->field !== 'events') {
            return [$answers, []];
        }
        [$first, $others] = self::parted($answers, fn (array $answer): bool => $answer['checked'] || $answer['heard']);
        $room = max(0, self::EVENTS - count($first));

        return [[...$first, ...array_slice($others, 0, $room)], array_slice($others, $room)];
    }

    /**
     * @param  list<Answered>  $answers
     * @param  callable(Answered): bool  $isFirst
     *
     * @return array{list<Answered>, list<Answered>}
     */
    private static function parted(array $answers, callable $isFirst): array
    {
        return [
            array_values(array_filter($answers, $isFirst)),
            array_values(array_filter($answers, fn (array $answer): bool => ! $isFirst($answer))),
        ];
    }

    /** What the words may mean and nobody has pressed yet, in one line; empty if nothing. */
    public function heard(): string
    {
        $heard = [];
        foreach ($this->questions->all as $question) {
            foreach ($this->answers($question) as $answer) {
                if ($answer['heard'] && ! $answer['checked']) {
                    $heard[] = $answer['words'];
                }
            }
        }

        return implode(' · ', $heard);
    }

    /** @return array<string, string> */
    private function words(string $field): array
    {
        return match ($field) {
            'reached' => array_map(
                fn ($reach): string => $reach->name,
                array_filter($this->catalogue->reaches, fn ($reach): bool => ! $reach->isOpenEnded()),
            ),
            'often' => Manner::OFTEN,
            'only' => Manner::ONLY,
            'events' => array_map(fn ($event): string => $event->name, $this->catalogue->events),
            default => $this->catalogue->sign($field)->values,
        };
    }
}
