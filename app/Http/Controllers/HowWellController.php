<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Figure;
use App\Models\User;
use App\UseCases\Advice\WorkOutHowWell;
use App\View\HowWellPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Orthoscope\Core\Plain\Csv;

/** How well the shop does, with the numbers beneath each drawing. Figures of one person are for that person and the lead. */
final class HowWellController
{
    public function show(Request $request, #[CurrentUser] User $me): View
    {
        $person = $me->can('lead') && $request->filled('person') ? User::query()->findOrFail($request->integer('person')) : $me;

        $page = HowWellPage::of(Figure::query()->find('how-well'));

        return view('how-well', [
            'page' => $page,
            'person' => $person,
            'people' => $me->can('lead') ? User::query()->orderBy('name')->get() : collect([$me]),
            'own' => $page?->body['people'][$person->id] ?? ['jobs' => 0, 'back' => 0, 'minutes' => 0],
        ]);
    }

    public function csv(): Response
    {
        $page = HowWellPage::of(Figure::query()->find('how-well'));

        return response(Csv::write($page?->rows() ?? [['figure', 'of', 'value', 'cases', 'from', 'to']]), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="how-well.csv"',
        ]);
    }

    public function workOut(WorkOutHowWell $howWell): RedirectResponse
    {
        $howWell->workOut();

        return redirect()->route('how-well')->with('status', 'Worked out again.');
    }
}
