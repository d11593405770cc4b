<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\OwnerArchive;
use App\Models\Job;
use App\Models\Photo;
use App\UseCases\Shop\KeepPhoto;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;

/** An owner asks what is kept of them. */
final class OwnerArchiveController
{
    public function __invoke(Job $job): Response
    {
        $archive = OwnerArchive::of($job->machine->owner, fn (Photo $photo): ?string => Storage::get(KeepPhoto::path($photo->file)));

        return response($archive, 200, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => "attachment; filename=\"owner-of-{$job->tag}.zip\"",
        ]);
    }
}
