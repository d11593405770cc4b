<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SpareRequest;
use App\Models\Job;
use App\Models\Loan;
use App\Models\Spare;
use App\Models\StockItem;
use App\Models\User;
use App\UseCases\Parts\ImportSpares;
use App\UseCases\Parts\SpareBook;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Shelf\NewSpare;
use Orthoscope\Core\Shelf\SpareCsv;

/** The known-good spares: found, added, read in and given out; and who has them. */
final class ShelfController
{
    public function index(Request $request, Catalogue $catalogue): View
    {
        $typed = $request->string('q')->trim()->toString();
        $kind = $request->string('kind')->toString();
        $spares = Spare::query()
            ->with(['loan.job', 'loan.user', 'reservedFor'])
            ->when($kind !== '', fn ($query) => $query->where('kind', $kind))
            ->when(
                $typed !== '',
                fn ($query) => $query->where(
                    fn ($any) => $any
                        ->where('tag', 'like', strtoupper($typed).'%')
                        ->orWhereLike('name', "%{$typed}%")
                        ->orWhereLike('model', "%{$typed}%")
                        ->orWhereIn('kind', array_column($catalogue->partsCalled($typed), 'id')),
                ),
            )
            ->when($request->string('status')->toString() !== 'all', fn ($query) => $query->whereIn('status', ['free', 'quarantined']))
            ->orderBy('kind')
            ->orderBy('tag')
            ->simplePaginate(60)
            ->withQueryString();

        return view('shelf', [
            'spares' => $spares,
            'kinds' => array_filter($catalogue->parts, fn ($part): bool => $part->lendable),
            'typed' => $typed,
            'kind' => $kind,
            'catalogue' => $catalogue,
            'copied' => $request->filled('like')
                ? Spare::query()
                    ->where('tag', $request->string('like')->toString())
                    ->first()
                : null,
            'overdue' => Loan::query()
                ->with(['spare', 'job', 'user'])
                ->whereNull('back_at')
                ->where(
                    fn ($query) => $query
                        ->where('due_at', '<', now())
                        ->orWhereHas('job.summary', fn ($summary) => $summary->where('closed', true)),
                )
                ->limit(50)
                ->get(),
            'stock' => StockItem::query()->orderBy('name')->get(),
            'jobs' => Job::query()->open()->orderBy('tag')->limit(200)->pluck('tag'),
        ]);
    }

    public function store(SpareRequest $request, SpareBook $book, #[CurrentUser] User $user): RedirectResponse
    {
        $spare = $book->add($request->spare(), $user);

        return redirect()
            ->route('spares.show', $spare)
            ->with('status', "{$spare->tag} is on the shelf. Prove it before it is relied on.");
    }

    public function import(Request $request, ImportSpares $import, #[CurrentUser] User $user): RedirectResponse
    {
        $request->validate(
            ['file' => ['required', 'file', 'max:4096']],
            [
                'file.required' => 'Choose a CSV file.',
                'file.max' => 'That file is larger than 4 MB.',
                'file.uploaded' => 'The file did not arrive; files up to 4 MB are taken.',
            ],
        );
        $told = $import->from((string) $request->file('file')?->getContent(), $user);

        return redirect()->route('shelf')->with('status', $told['sentence'])->with('badRows', $told['mistakes']);
    }

    public function csv(): Response
    {
        $rows = Spare::query()
            ->whereIn('status', ['free', 'quarantined'])
            ->orderBy('tag')
            ->get()
            ->map(fn (Spare $spare): NewSpare => $spare->written())
            ->all();

        return response(SpareCsv::write(array_values($rows), shop()->money()), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => 'attachment; filename="spares.csv"',
        ]);
    }
}
