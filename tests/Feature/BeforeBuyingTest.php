<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** The counter is asked whether a part goes with a machine, before anything is bought and without a job. */
final class BeforeBuyingTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person(Role::Counter));
    }

    public function test_nothing_said_is_answered_by_what_to_type(): void
    {
        $this->get(route('intake.create'))->assertSee(route('before-buying'));
        $this->get(route('before-buying'))->assertOk()->assertSee('Nothing said yet')->assertSee('Memory type, such as DDR4');
    }

    public function test_says_against_minded_and_not_known_and_keeps_what_was_typed(): void
    {
        $this->get(route('before-buying', ['kind' => 'stick', 'of_machine' => ['memory' => 'DDR4'], 'of_part' => ['memory' => 'DDR5']]))
            ->assertOk()
            ->assertSee('It does not go with this machine')
            ->assertSee('The machine takes DDR4, this is DDR5.')
            ->assertSee('Of the machine: form of the memory, DIMM or SO-DIMM.')
            ->assertSee('Two good parts may still refuse each other')
            ->assertSee('value="DDR5"', false);
        $this->get(route('before-buying', ['kind' => 'processor', 'of_machine' => ['socket' => 'AM4', 'firmware' => '1'], 'of_part' => [
            'socket' => 'AM4', 'firmware' => '2',
        ]]))->assertSee('not all is known')->assertSee('update the firmware first')->assertDontSee('does not go');
    }

    public function test_a_machine_that_was_here_brings_its_own_facts(): void
    {
        $job = $this->job(machine: ['platform' => ['memory' => 'DDR3']]);
        $this->get(route('before-buying', ['kind' => 'stick', 'tag' => strtolower($job->tag), 'of_part' => ['memory' => 'DDR4']]))
            ->assertSee('The machine takes DDR3, this is DDR4.');
        $this->followingRedirects()->get(route('before-buying', ['kind' => 'stick', 'tag' => 'Q9-999']))
            ->assertSee('No machine with the tag Q9-999 was here');
    }

    public function test_odd_input_is_a_sentence_and_no_fault(): void
    {
        $this->get(route('before-buying', ['kind' => 'moon']))
            ->assertSessionHasErrors(['kind' => 'Choose one of the kinds of part shown.']);
        $this->get(route('before-buying', ['of_machine' => ['memory' => str_repeat('x', 61)]]))
            ->assertSessionHasErrors('of_machine.memory');
        $this->get(route('before-buying', ['of_machine' => 'x']))->assertSessionHasErrors('of_machine');
        $this->get(route('before-buying', ['of_part' => ['memory' => ['a']]]))->assertSessionHasErrors('of_part.memory');
    }

    public function test_is_for_people_of_the_shop(): void
    {
        auth()->forgetUser();
        $this->get(route('before-buying'))->assertRedirect(route('login'));
    }
}
