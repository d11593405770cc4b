<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CodebookRequest;
use App\Models\Code;
use App\Models\User;
use App\UseCases\Shop\ShopCodes;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Imports\CodebookCsv;

/** The codebook: what beeps, lamps and two-figure codes mean, by model; read in and given out as CSV. */
final class CodebookController
{
    public function index(Catalogue $catalogue): View
    {
        return view('codes', [
            'catalogue' => $catalogue,
            'own' => Code::query()->orderBy('kind')->orderBy('for')->orderBy('from')->limit(500)->get(),
            'count' => Code::query()->count(),
        ]);
    }

    public function store(CodebookRequest $request, ShopCodes $codes, #[CurrentUser] User $user): RedirectResponse
    {
        $book = $request->book();
        $codes->add($book, $user);

        return redirect()
            ->route('codes')
            ->with(
                'status',
                count($book->meanings) === 1 ? 'The code is in the book.' : count($book->meanings).' codes are in the book.',
            );
    }

    public function destroy(Code $code): RedirectResponse
    {
        $code->delete();

        return redirect()->route('codes')->with('status', 'The code is out of the book. Records that used it stay as they are.');
    }

    public function csv(ShopCodes $codes): Response
    {
        return response(CodebookCsv::write($codes->own()), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => 'attachment; filename="codes.csv"',
        ]);
    }
}
