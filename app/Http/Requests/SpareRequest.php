<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Spare;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Shelf\NewSpare;
use Orthoscope\Core\Shelf\SpareMistake;

/** A spare as it is put on the shelf: the same words as a row of the CSV. Facts are typed one to a line, "memory: DDR4". */
final class SpareRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return array_fill_keys([...NewSpare::COLUMNS, 'facts'], ['nullable', 'string', 'max:1000']);
    }

    public function spare(): NewSpare
    {
        $row = [];
        foreach (NewSpare::COLUMNS as $column) {
            $row[$column] = $this->string($column)->trim()->toString();
        }
        foreach (preg_split('/\R/', $this->string('facts')->toString()) ?: [] as $line) {
            [$fact, $value] = array_map(trim(...), [...explode(':', $line, 2), '']);
            if ($fact !== '') {
                $value === ''
                    ? throw ValidationException::withMessages(['facts' => "\"{$line}\" is no fact; one to a line, such as memory: DDR4."])
                    : ($row[mb_strtolower($fact)] = $value);
            }
        }
        try {
            $spare = NewSpare::written($row, app(Catalogue::class));
        } catch (SpareMistake $mistake) {
            throw ValidationException::withMessages([$mistake->field => ucfirst($mistake->getMessage())]);
        }
        if (Spare::query()->where('tag', $spare->tag)->exists()) {
            throw ValidationException::withMessages(['tag' => "{$spare->tag} is on the shelf already; take another tag."]);
        }

        return $spare;
    }
}
