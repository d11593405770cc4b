<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\BringIn;
use App\Models\User;
use App\UseCases\Jobs\BroughtIn\TakesJobs;
use App\UseCases\Jobs\BroughtIn\TakesOwners;
use App\UseCases\Jobs\BroughtIn\TakesPrices;
use App\UseCases\Jobs\BroughtIn\TakesRows;
use App\UseCases\Jobs\BroughtIn\TakesSpares;
use Illuminate\Contracts\Container\Container;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Imports\SheetKind;
use Orthoscope\Core\Imports\SheetReader;

/** A file of somebody else's program is tried with a mapping of its columns, and brought in: all rows that are right, or none. */
final readonly class BringItIn
{
    public function __construct(private Container $made)
    {
    }

    /**
     * @param  array<string, int>  $mapping field => place of its heading
     *
     * @return array{rows: array<int, array<string, string|int>>, mistakes: array<int, string>} by line of the file
     */
    public function tried(BringIn $from, array $mapping): array
    {
        $read = (new SheetReader(shop()->money(), shop()->dateForm === 'M j, Y'))->read($from->sheet(), $mapping);
        $mistakes = $read['mistakes'] + $this->takes($from->kind)->against($read['rows']);
        ksort($mistakes);

        return ['rows' => array_diff_key($read['rows'], $mistakes), 'mistakes' => $mistakes];
    }

    /**
     * @param  array<string, int>  $mapping
     * @param  bool  $leaveOut rows that are wrong are left out; else none is brought in where one is wrong
     *
     * @throws ValidationException
     */
    public function take(BringIn $from, array $mapping, User $by, bool $leaveOut): string
    {
        ['rows' => $rows, 'mistakes' => $mistakes] = $this->tried($from, $mapping);
        if ($mistakes !== [] && ! $leaveOut) {
            throw ValidationException::withMessages([
                'leave_out' => 'Some rows cannot be read. Mend the file and choose it again, or tick that they are left out.',
            ]);
        }
        if ($rows === []) {
            throw ValidationException::withMessages(['mapping' => 'No row can be read like this; look at what stands for what.']);
        }
        $said = DB::transaction(function () use ($from, $mapping, $by, $rows, $mistakes): string {
            // Taken once, however often it is sent.
            $mine = BringIn::query()->whereKey($from->id)->whereNull('done_at')->update(['done_at' => now()]);
            if ($mine === 0) {
                throw ValidationException::withMessages(['mapping' => 'This file was brought in already.']);
            }
            $said = $this->takes($from->kind)->take($rows, $by, $from)
                .($mistakes === [] ? '' : ' '.count($mistakes).(count($mistakes) === 1 ? ' row was' : ' rows were').' left out.');
            $from->refresh()->update(['came_of_it' => $said, 'mapping' => $mapping]);

            return $said;
        });
        Storage::delete($from->path());
        $this->made->make('app')->forgetInstance(Catalogue::class);

        return $said;
    }

    private function takes(SheetKind $kind): TakesRows
    {
        return $this->made->make(
            match ($kind) {
                SheetKind::Owners => TakesOwners::class,
                SheetKind::Spares => TakesSpares::class,
                SheetKind::Jobs => TakesJobs::class,
                SheetKind::Prices => TakesPrices::class,
            },
        );
    }
}
