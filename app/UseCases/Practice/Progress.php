<?php

declare(strict_types=1);

namespace App\UseCases\Practice;

use App\Models\Practice;
use App\Models\PracticeBox;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Orthoscope\Core\Practice\Boxes;
use Orthoscope\Core\Practice\Families;
use Orthoscope\Core\Practice\Family;

/** How far somebody is: what was solved in each family, what is due again, what comes next. Seen by them and by the lead. */
final readonly class Progress
{
    /** A machine that was answered moves its family a box on, or back to the first; one of no family moves those its faults belong to. */
    public function goesOn(Practice $practice): void
    {
        foreach ($this->familiesOf($practice) as $family) {
            $box = PracticeBox::query()->firstOrNew(
                ['user_id' => $practice->user_id, 'family' => $family],
                ['box' => Boxes::FIRST],
            );
            $box->box = $box->exists || $practice->right === true ? Boxes::after($box->box, $practice->right === true) : Boxes::FIRST;
            $box->due = Carbon::instance(Boxes::due($box->box, new DateTimeImmutable(today()->format('Y-m-d'))));
            $box->save();
        }
    }

    /** @return list<FamilyProgress> in the order people learn them */
    public function of(User $user): array
    {
        /** @var Collection<int, Practice> $ended */
        $ended = Practice::query()
            ->whereBelongsTo($user)
            ->ended()
            ->whereNotNull('family')
            ->get(['id', 'kind', 'family', 'grade', 'right', 'passed', 'points']);
        $boxes = PracticeBox::query()->where('user_id', $user->id)->get()->keyBy('family');

        return array_values(
            array_map(
                fn (Family $family): FamilyProgress => FamilyProgress::of(
                    $family,
                    $ended->where('family', $family->id),
                    $boxes[$family->id] ?? null,
                ),
                Families::shipped()->all,
            ),
        );
    }

    /** @return list<string> ids of families */
    private function familiesOf(Practice $practice): array
    {
        if ($practice->family !== null) {
            return [$practice->family];
        }
        $faults = array_column($practice->core()->faults, 'fault');
        $named = array_filter(
            Families::shipped()->all,
            fn (Family $family): bool => array_intersect($family->faults, $faults) !== [] && ! $family->badSpare,
        );

        return array_slice(array_keys($named), 0, 1);
    }
}
