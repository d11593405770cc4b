<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PhotoRequest;
use App\Models\Job;
use App\Models\Photo;
use App\Models\User;
use App\UseCases\Jobs\CorrectMachine;
use App\UseCases\Shop\KeepPhoto;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Intervention\Image\Exceptions\RuntimeException as Unreadable;
use Orthoscope\Core\Catalogue\Catalogue;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Photographs of a machine, pinned to its drawing: taken at arrival in the order of the inspection, and later. */
final class PhotoController
{
    public function index(Job $job, Catalogue $catalogue): View
    {
        return view('photos', ['catalogue' => $catalogue, 'job' => $job->load(['machine.owner', 'photos.user'])]);
    }

    public function store(
        PhotoRequest $request,
        Job $job,
        KeepPhoto $keepPhoto,
        CorrectMachine $correctMachine,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        try {
            $keepPhoto->keep($job, $user, $request->photo(), $request->where());
        } catch (Unreadable) {
            throw ValidationException::withMessages(['photo' => 'This picture is damaged and cannot be read; take it again.']);
        }

        if ($request->labelled() !== []) {
            $correctMachine->label($job, $user, $request->labelled());
        }

        return redirect()->route('photos.index', $job)->with('status', 'The photograph is kept, without the data the camera put in.');
    }

    public function show(Request $request, Photo $photo): StreamedResponse
    {
        return Storage::response(KeepPhoto::path($photo->file, $request->boolean('small')), "{$photo->job->tag}.jpg", [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=604800, immutable',
        ]);
    }
}
