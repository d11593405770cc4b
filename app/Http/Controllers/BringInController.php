<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\BringIn;
use App\Models\PartsSupplier;
use App\Models\User;
use App\UseCases\Jobs\BringItIn;
use App\UseCases\Shop\KeepWhole;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Orthoscope\Core\Imports\Sheet;
use Orthoscope\Core\Imports\SheetKind;
use Orthoscope\Core\Imports\UnreadableSheet;

/** What is already there comes in: a file is chosen, its columns are said, ten rows are seen, and all of it is taken or none. */
final class BringInController
{
    private const SEEN = 10;

    private const MISTAKES = 100;

    private const KILOBYTES = 8192;

    public function index(Request $request): View
    {
        $kind = $request->query('kind');

        return view('bring-in', [
            'kind' => SheetKind::tryFrom(is_string($kind) ? $kind : '') ?? SheetKind::Owners,
            'suppliers' => PartsSupplier::query()->inUse()->orderBy('name')->get(),
            'open' => BringIn::query()->whereNull('done_at')->orderByDesc('id')->get(),
            'done' => BringIn::query()->whereNotNull('done_at')->orderByDesc('id')->limit(20)->get(),
        ]);
    }

    public function store(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'kind' => ['required', Rule::enum(SheetKind::class)],
                'file' => ['required', 'file', 'max:'.self::KILOBYTES],
                'supplier' => ['nullable', 'required_if:kind,prices', Rule::exists('suppliers', 'id')],
            ],
            [
                'kind.*' => 'Say what the rows are.',
                'file.*' => 'Choose a CSV file, 8 MB at most.',
                'supplier.*' => 'Say of whom the price list is; write the supplier down first.',
            ],
        );
        /** @var UploadedFile $file */
        $file = $request->file('file');
        $kind = SheetKind::from($given['kind']);
        try {
            $sheet = Sheet::read($kind, (string) $file->getContent());
        } catch (UnreadableSheet $mistake) {
            throw ValidationException::withMessages(['file' => $mistake->getMessage()]);
        }
        $bringIn = BringIn::query()->create([
            'kind' => $kind,
            'name' => mb_substr($file->getClientOriginalName(), 0, 160),
            'file' => Str::random(40).'.csv',
            'supplier_id' => $kind === SheetKind::Prices ? $given['supplier'] : null,
            'mapping' => $sheet->guess(),
            'user_id' => $user->id,
        ]);
        KeepWhole::put($bringIn->path(), (string) $file->getContent(), 'The file');

        return redirect()->route('bring-in.show', $bringIn);
    }

    public function show(BringIn $bringIn, BringItIn $bringItIn): View|RedirectResponse
    {
        if ($bringIn->done_at !== null) {
            return redirect()->route('bring-in')->with('status', $bringIn->came_of_it);
        }
        $mapping = $bringIn->mapping ?? [];
        $sheet = $bringIn->sheet();
        $against = $sheet->against($mapping);
        $tried = $against === null ? $bringItIn->tried($bringIn, $mapping) : ['rows' => [], 'mistakes' => []];

        return view('bring-in-mapping', [
            'from' => $bringIn,
            'sheet' => $sheet,
            'mapping' => $mapping,
            'against' => $against,
            'seen' => array_slice($sheet->rows, 0, self::SEEN, true),
            'good' => count($tried['rows']),
            'bad' => count($tried['mistakes']),
            'mistakes' => array_slice($tried['mistakes'], 0, self::MISTAKES, true),
        ]);
    }

    /** The columns are said anew, and seen again before anything is taken. */
    public function update(Request $request, BringIn $bringIn): RedirectResponse
    {
        abort_if($bringIn->done_at !== null, 409, 'This file was brought in already.');
        $places = array_map(strval(...), array_keys($bringIn->sheet()->headings));
        $given = $request->validate(
            ['columns' => ['required', 'array'], 'columns.*' => ['nullable', Rule::in($places)]],
            ['columns.*' => 'Choose a column of the file, or none.'],
        );
        $known = $bringIn->kind->columns();
        $mapping = array_map(intval(...), array_filter($given['columns'], fn (mixed $at): bool => $at !== null && $at !== ''));
        $bringIn->update(['mapping' => array_intersect_key($mapping, $known)]);

        return redirect()->route('bring-in.show', $bringIn);
    }

    public function take(Request $request, BringIn $bringIn, BringItIn $bringItIn, #[CurrentUser] User $user): RedirectResponse
    {
        $against = $bringIn->done_at === null ? $bringIn->sheet()->against($bringIn->mapping ?? []) : 'This file was brought in already.';
        if ($against !== null) {
            throw ValidationException::withMessages(['mapping' => $against]);
        }
        $said = $bringItIn->take($bringIn, $bringIn->mapping ?? [], $user, $request->boolean('leave_out'));

        return redirect()->route('bring-in')->with('status', $said);
    }

    public function destroy(BringIn $bringIn): RedirectResponse
    {
        abort_if($bringIn->done_at !== null, 409, 'This file was brought in already.');
        Storage::delete($bringIn->path());
        $bringIn->delete();

        return redirect()->route('bring-in')->with('status', 'Dropped: nothing of it was brought in.');
    }
}
