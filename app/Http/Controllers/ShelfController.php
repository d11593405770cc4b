<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Spare;
use App\UseCases\FreeShelf;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** The known-good spares and who has them. */
final class ShelfController
{
    public function __invoke(FreeShelf $shelf, Catalogue $catalogue): View
    {
        return view('shelf', [
            'spares' => Spare::query()->orderBy('kind')->orderBy('tag')->limit(500)->get(),
            'lentTo' => $shelf->lentTo(),
            'kinds' => $catalogue->parts,
        ]);
    }
}
