<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\Spare;
use App\UseCases\Advice\AssessJob;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Because;
use Orthoscope\Core\Shelf\NewSpare;
use Orthoscope\Core\Shelf\SpareMistake;

/** Parts of a closed job that are kept as spares: a tag and a place for each. */
final class SalvageRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['tags' => ['required', 'array'], 'tags.*' => ['nullable', 'string', 'max:20'], 'place' => ['nullable', 'string', 'max:60']];
    }

    /** @return list<array{spare: NewSpare, worked: bool, because: string}> */
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
            $standing =
                $assessment->standings[$id] ?? throw ValidationException::withMessages(['tags' => "This machine has no part \"{$id}\"."]);
            if (! $standing->standing->mayBeKept()) {
                throw ValidationException::withMessages([
                    'tags' => "{$standing->part->name} is {$standing->standing->words()}; it does not go on the shelf.",
                ]);
            }
            $platform = array_intersect_key(
                $assessment->machine->platform,
                array_flip(
                    match ($standing->part->kind->id) {
                        'stick' => ['memory', 'form'],
                        'processor' => ['socket'],
                        'card' => ['bus'],
                        'drive' => ['port'],
                        default => [],
                    },
                ),
            );
            $spare = $this->kept((string) $tag, $standing->part, $assessment->machine, $platform);
            $parts[] = [
                'spare' => $spare,
                'worked' => $standing->standing->hasWorked(),
                'because' => implode(
                    ', ',
                    array_map(fn (Because $because): string => "entry {$because->entry}", array_slice($standing->because, 0, 3)),
                ),
            ];
        }

        return $parts === [] ? throw ValidationException::withMessages(['tags' => 'Give a tag to each part that is kept.']) : $parts;
    }

    /**
     * @param  array<string, string>  $facts
     *
     * @throws ValidationException
     */
    private function kept(string $tag, Part $part, Machine $machine, array $facts): NewSpare
    {
        $value = (string) intdiv($part->kind->price, 300);
        $place = $this->string('place')->toString();
        $row = [
            'tag' => $tag,
            'kind' => $part->kind->id,
            'name' => "{$part->name} of {$machine->model}",
            'value' => $value,
            'origin' => 'salvaged',
            'place' => $place,
            'model' => mb_substr($machine->models()[$part->kind->id] ?? '', 0, 60),
        ];
        try {
            $spare = NewSpare::written($row + $facts, app(Catalogue::class));
        } catch (SpareMistake $mistake) {
            throw ValidationException::withMessages(['tags' => ucfirst($mistake->getMessage())]);
        }

        return Spare::query()->where('tag', $spare->tag)->exists()
            ? throw ValidationException::withMessages(['tags' => "{$spare->tag} is on the shelf already; take another tag."])
            : $spare;
    }
}
