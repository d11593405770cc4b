<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\UseCases\Advice\AssessJob;
use Illuminate\Support\Str;
use Illuminate\View\View;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Sockets\SocketField;

/** The drawing of the socket's contacts, with what was marked last. */
final class SocketMapController
{
    public function __invoke(Job $job, AssessJob $assessJob): View
    {
        $machine = $assessJob->machine($job);
        $maps = array_filter($assessJob->record($job)->all(Finding::class), fn (Finding $finding): bool => $finding->contacts !== null);

        $field = SocketField::of($machine->platform['socket'] ?? null);

        return view('socket', [
            'job' => $job->load('machine.owner'), 'once' => (string) Str::uuid(),
            'field' => $field, 'rows' => self::rows($field), 'socket' => $machine->platform['socket'] ?? '',
            'marked' => $maps === [] ? [] : end($maps)->contacts?->toArray() ?? [],
        ]);
    }

    /** @return list<string> the contacts of each row, as a path of short strokes */
    private static function rows(SocketField $field): array
    {
        $rows = [];
        for ($row = 1; $row <= $field->rows; $row++) {
            $path = '';
            for ($column = 1; $column <= $field->columns; $column++) {
                $path .= $field->has($row, $column) ? 'M'.(10 * $column + 2).' '.(10 * $row + 5).'h6' : '';
            }
            $rows[] = $path;
        }

        return $rows;
    }
}
