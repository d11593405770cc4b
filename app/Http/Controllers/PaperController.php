<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PaperRequest;
use App\Models\Job;
use App\Models\Paper;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Shop\KeepPaper;
use App\UseCases\Shop\ReadingsOfModel;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Firmware images, schematics, board views and notes of the exact model on the bench. */
final class PaperController
{
    public function index(Job $job, ReadingsOfModel $readings, AssessJob $assessJob, Catalogue $catalogue): View
    {
        return view('papers', [
            'map' => $readings->map($job->load('machine.owner'), $assessJob->assess($job)),
            'catalogue' => $catalogue,
            'job' => $job->load('machine.owner'),
            'papers' => Paper::query()->where('model', $job->machine->model)->with('user')->orderByDesc('id')->get(),
        ]);
    }

    public function store(PaperRequest $request, Job $job, KeepPaper $keepPaper, #[CurrentUser] User $user): RedirectResponse
    {
        $keepPaper->keep($job->machine->model, $request->kind(), $request->title(), $request->paper(), $user);

        return redirect()->route('papers.index', $job)->with('status', 'Kept.');
    }

    /** Always a download: what is in it never runs in our pages. */
    public function show(Request $request, Paper $paper): StreamedResponse
    {
        abort_if($paper->file === null, 404);

        return Storage::download("papers/{$paper->file}", (string) $paper->file_name, [
            'Content-Type' => 'application/octet-stream',
        ]);
    }
}
