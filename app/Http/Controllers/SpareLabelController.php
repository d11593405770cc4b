<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Code128;
use App\Documents\QrCode;
use App\Models\Spare;
use Illuminate\View\View;

/** The label of a spare, with QR and Code 128. */
final class SpareLabelController
{
    public function __invoke(Spare $spare): View
    {
        return view('spare-label', [
            'spare' => $spare,
            'qr' => QrCode::svg(route('spares.show', $spare)),
            'bars' => Code128::svg($spare->tag),
        ]);
    }
}
