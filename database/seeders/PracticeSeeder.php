<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Practice;
use App\Models\User;
use App\UseCases\Practice\BeginPractice;
use App\UseCases\Practice\WorkAtPractice;
use Illuminate\Database\Seeder;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Practice\Families;
use Orthoscope\Core\Practice\Guess;
use Orthoscope\Core\Practice\Verdict;

/** Somebody who has begun to practise: one machine answered, one on the bench; and one the lead tries out. */
class PracticeSeeder extends Seeder
{
    public function run(BeginPractice $begin, WorkAtPractice $work, Catalogue $catalogue): void
    {
        $rhea = User::query()->where('email', 'rhea')->firstOrFail();
        $families = Families::shipped()->all;
        $memory = $begin->lesson($rhea, $families['memory'], 1, Practice::ASKED);
        $this->work($work, $catalogue, $memory, [
            [['kind' => 'start'], ['stick-2' => 40, 'board' => 20], 'dark'],
            [['kind' => 'start', 'setup' => ['out' => ['stick-2']]], ['stick-2' => 45, 'slot-A2' => 25], 'stays'],
            [['kind' => 'start', 'setup' => ['out' => ['stick-1'], 'moved' => ['stick-2' => 'slot-A2']]], ['slot-A2' => 50], 'stays'],
            [['kind' => 'act', 'act' => 'reseat', 'on' => ['slot-A2']], ['slot-A2' => 70], null],
            [['kind' => 'start'], ['slot-A2' => 75], 'stays'],
        ]);
        $work->answer($memory->refresh(), Verdict::said(['slot-A2'], '85', ['slot-A2']));
        $graphics = $begin->lesson($rhea, $families['graphics'], 1, Practice::ASKED);
        $this->work($work, $catalogue, $graphics, [
            [['kind' => 'start'], ['screen' => 40, 'video-lead' => 30], 'dark'],
            [['kind' => 'finding', 'check' => 'look-screen'], ['video-lead' => 55, 'screen' => 30], null],
        ]);
        $work->ask($graphics->refresh());
        $power = $begin->lesson(User::query()->where('email', 'maud')->firstOrFail(), $families['power'], 1, Practice::SPEAKS);
        $this->work($work, $catalogue, $power, [[['kind' => 'start'], ['supply' => 50], 'nothing']]);
    }

    /** @param  list<array{array<string, mixed>, array<string, int>, ?string}>  $deeds each with what was suspected and expected */
    private function work(WorkAtPractice $work, Catalogue $catalogue, Practice $practice, array $deeds): void
    {
        $parts = $work->attempt($practice)->parts();
        foreach ($deeds as [$deed, $suspects, $expected]) {
            $guess = Guess::typed($suspects, $expected, '80', $parts, array_map(strval(...), array_keys($catalogue->reaches)));
            $work->do($practice->refresh(), [$deed], $guess);
        }
    }
}
