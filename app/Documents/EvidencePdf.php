<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\SupplierClaim;
use Orthoscope\Core\Returns\EvidencePack;

/** What a supplier is shown, as a PDF. */
final class EvidencePdf
{
    public static function of(SupplierClaim $claim, EvidencePack $pack): string
    {
        return Pdf::of('evidence-pdf', ['claim' => $claim, 'pack' => $pack]);
    }
}
