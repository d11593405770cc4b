<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Entry;
use App\Models\Job;
use App\UseCases\Advice\FreeShelf;
use Illuminate\Http\JsonResponse;
use Orthoscope\Core\CaseFile\CaseFile;
use Orthoscope\Core\Shelf\Spare;

/** A job as an `orthoscope-case/1` file, to take out. */
final class CaseFileController
{
    public function __invoke(Job $job, FreeShelf $shelf): JsonResponse
    {
        $case = [
            'format' => CaseFile::FORMAT,
            'machine' => $job->machine->made_of,
            'shelf' => array_map(
                fn (Spare $s): array => [
                    'tag' => $s->tag,
                    'kind' => $s->kind,
                    'name' => $s->name,
                    'trust' => $s->trust,
                    'value' => $s->value,
                    'fits' => (object) $s->fits,
                ],
                $shelf->for($job)->spares,
            ),
            'entries' => $job->entries()->with('user')->get()->map(fn (Entry $entry): array => $entry->written())->all(),
        ];

        return response()->json(
            $case,
            200,
            ['Content-Disposition' => "attachment; filename=\"{$job->tag}.json\""],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }
}
