<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\Spare;
use App\UseCases\Advice\AssessJob;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Because;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Shelf\SpareCsv;

/** Parts of a closed job that are kept as spares: a tag and a place for each. */
final class SalvageRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['tags' => ['required', 'array'], 'tags.*' => ['nullable', 'string', 'max:20'], 'place' => ['nullable', 'string', 'max:60']];
    }

    /** @return list<array{spare: array<string, mixed>, proved: bool, because: string}> */
    public function parts(): array
    {
        /** @var Job $job */
        $job = $this->route('job');
        $assessment = app(AssessJob::class)->assess($job);
        if ($assessment->record->closing() === null) {
            throw ValidationException::withMessages(['tags' => 'Close the job first; its parts belong to the owner until then.']);
        }
        $parts = [];
        foreach (array_filter($this->array('tags')) as $id => $tag) {
            $standing = $assessment->standings[$id] ?? throw ValidationException::withMessages(['tags' => "This machine has no part \"{$id}\"."]);
            if (! in_array($standing->standing, [Standing::Proved, Standing::NotAlone, Standing::NotTested], true)) {
                throw ValidationException::withMessages(['tags' => "{$standing->part->name} is {$standing->standing->words()}; it does not go on the shelf."]);
            }
            $platform = array_intersect_key($assessment->machine->platform, array_flip(match ($standing->part->kind->id) {
                'stick' => ['memory', 'form'],
                'processor' => ['socket'],
                'card' => ['bus'],
                'drive' => ['port'],
                default => [],
            }));
            $row = SpareCsv::row(['tag' => (string) $tag, 'kind' => $standing->part->kind->id, 'name' => "{$standing->part->name} of {$assessment->machine->model}", 'value' => (string) intdiv($standing->part->kind->price, 300), 'origin' => 'salvaged', 'place' => $this->string('place')->toString()] + $platform, app(Catalogue::class));
            if (is_string($row) || Spare::query()->where('tag', $row['tag'])->exists()) {
                throw ValidationException::withMessages(['tags' => is_string($row) ? ucfirst($row) : "{$row['tag']} is on the shelf already; take another tag."]);
            }
            $parts[] = ['spare' => $row, 'proved' => $standing->standing === Standing::Proved, 'because' => implode(', ', array_map(fn (Because $because): string => "entry {$because->entry}", array_slice($standing->because, 0, 3)))];
        }

        return $parts === [] ? throw ValidationException::withMessages(['tags' => 'Give a tag to each part that is kept.']) : $parts;
    }
}
