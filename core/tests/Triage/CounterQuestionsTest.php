<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Triage;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Triage\CounterQuestion;
use Orthoscope\Core\Triage\CounterQuestions;
use Orthoscope\Core\Triage\DeskMachine;
use Orthoscope\Core\Triage\Heard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is worth asking at the counter after what an owner said, and what their words may mean. */
final class CounterQuestionsTest extends TestCase
{
    /** @return array<string, array{string, array<string, string>, list<string>}> words, meanings, events */
    public static function words(): array
    {
        return [
            'dead' => ['It does nothing at all since the storm last night', ['reached' => 'nothing'], ['storm']],
            'dark' => ['Fans run but the screen stays black', ['reached' => 'dark', 'fans' => 'spin'], []],
            'letters and marks' => ["WON'T  POST!! new RAM", ['reached' => 'dark'], ['memory-changed']],
            'another apostrophe' => ['It won’t turn on', ['reached' => 'nothing'], []],
            'load' => ['freezes in games, not every time', ['reached' => 'drops', 'often' => 'sometimes', 'only' => 'load'], []],
            'turned round' => ['Not always. It does not beep.', ['often' => 'sometimes', 'beeps' => 'none'], []],
            'both at once' => ['First no picture, now it does nothing', [], []],
            'in the middle of work' => ['In games the screen goes black', ['reached' => 'drops', 'only' => 'load'], []],
            'mornings' => [
                'Some mornings it stays dark, then it works all day',
                ['reached' => 'dark', 'often' => 'sometimes', 'only' => 'cold'],
                [],
            ],
            'dead and dark' => ['It is dead, the screen stays dark', [], []],
            'dead, and so it stays dark' => ['No power, it just stays dark', ['reached' => 'nothing'], []],
            'dead as told otherwise' => ["Won't turn on, stays black", ['reached' => 'nothing'], []],
            'dark only later' => ['The screen stays dark after the log-in', [], []],
            'in two ways of saying it' => ['The screen stays black, no picture', ['reached' => 'dark'], []],
            'by itself' => ['Turns off by itself after half an hour', ['reached' => 'drops', 'only' => 'hours'], []],
            'part of a word' => ['My bulldog chewed the powerful lead', [], []],
            'nothing' => ['', [], []],
        ];
    }

    /**
     * @param  array<string, string>  $means
     * @param  list<string>  $events
     */
    #[DataProvider('words')]
    public function test_words_are_read_for_what_they_may_mean(string $words, array $means, array $events): void
    {
        $heard = Heard::in($words, Catalogue::shipped());
        ksort($means);
        $read = $heard->means;
        ksort($read);
        $this->assertSame($means, $read);
        $this->assertSame($events, $heard->events);
    }

    public function test_what_was_told_comes_before_what_was_heard(): void
    {
        $filled = Heard::in('black screen, fans run, after a storm', Catalogue::shipped())
            ->filling(['reached' => 'twitch', 'signs' => ['fans' => 'twitch'], 'events' => ['moved']]);
        $this->assertSame('twitch', $filled['reached']);
        $this->assertSame(['fans' => 'twitch'], $filled['signs']);
        $this->assertSame(['moved', 'storm'], $filled['events']);
    }

    public function test_what_it_does_is_asked_first_and_tells_nothing_more_once_told(): void
    {
        $first = $this->after([], '');
        $this->assertSame('reached', array_key_first($first->all));
        $this->assertGreaterThan(0.5, $first->all['reached']->bits);
        $told = $this->after(['reached' => 'nothing'], '');
        $this->assertSame('reached', array_key_first($told->all), 'What was answered stays where it was.');
        $this->assertSame(0.0, $told->all['reached']->bits);
        $this->assertTrue($told->all['reached']->isTold);
    }

    public function test_a_machine_that_does_nothing_is_not_asked_about_beeps_and_one_that_stays_dark_is(): void
    {
        $this->assertArrayNotHasKey('beeps', $this->after(['reached' => 'nothing'], '')->all);
        $this->assertTrue($this->after(['reached' => 'dark'], '')->all['beeps']->isWorthAsking());
        // Its words alone do the same: they are counted as told, though nobody has pressed them yet.
        $this->assertArrayNotHasKey('beeps', $this->after([], 'it does nothing')->all);
        // Whether fans turn while it stays dark does not go without saying: they may roar.
        $this->assertTrue($this->after(['reached' => 'dark'], '')->all['fans']->isWorthAsking());
    }

    public function test_a_sign_that_was_told_or_heard_is_not_taken_away_by_what_goes_without_saying(): void
    {
        $this->assertArrayNotHasKey('fans', $this->after(['reached' => 'nothing'], '')->all);
        $this->assertTrue($this->after(['reached' => 'nothing', 'signs' => ['fans' => 'roar']], '')->all['fans']->isTold);
        $this->assertSame('roar', $this->after(['reached' => 'nothing'], 'the fans roar')->all['fans']->heard);
    }

    public function test_what_is_heard_is_offered_whatever_it_tells(): void
    {
        $asked = $this->after([], 'does nothing, never a storm but I have a new screen')->all;
        $this->assertSame('nothing', $asked['reached']->heard);
        $this->assertSame(['storm', 'screen-changed'], $asked['events']->happened);
    }

    public function test_answers_stand_by_what_they_tell_and_sum_to_the_question(): void
    {
        foreach ($this->after(['reached' => 'dark'], '')->all as $field => $question) {
            $shares = array_values($question->answers);
            $sorted = $shares;
            rsort($sorted);
            $this->assertSame($sorted, $shares, $field);
            $this->assertEqualsWithDelta($question->isTold ? 0.0 : array_sum($shares), $question->bits, 1e-12, $field);
        }
        // A new card is the event that a dark machine hears of with most to learn, against months in an attic.
        $events = $this->after(['reached' => 'dark'], '')->all['events']->answers;
        $this->assertGreaterThan($events['stood'], $events['memory-changed']);
    }

    public function test_words_of_how_often_do_not_stop_one_who_says_that_it_stays_up(): void
    {
        $asked = $this->after(['reached' => 'stays'], 'it works here, and now and then it freezes');
        $this->assertTrue($asked->all['reached']->isTold);
        $this->assertSame('sometimes', $asked->all['often']->heard);
    }

    public function test_a_question_without_bits_is_not_worth_asking(): void
    {
        $this->assertFalse((new CounterQuestion('fans', 0.01, []))->isWorthAsking());
        $this->assertTrue((new CounterQuestion('fans', 0.06, []))->isWorthAsking());
    }

    /** @param  array<string, mixed>  $told */
    private function after(array $told, string $words): CounterQuestions
    {
        $catalogue = Catalogue::shipped();

        return CounterQuestions::after($told, $words, Machine::fromArray(DeskMachine::MADE_OF, $catalogue), $catalogue);
    }
}
