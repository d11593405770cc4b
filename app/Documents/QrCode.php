<?php

declare(strict_types=1);

namespace App\Documents;

use TCPDF2DBarcode;

/** A QR code as SVG, drawn from the bits so that it scales and prints sharply. */
final class QrCode
{
    private const QUIET = 4;

    public static function svg(string $text, string $label = 'QR code of the job\'s address'): string
    {
        $rows = (new TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray()['bcode'];
        $path = '';
        foreach ($rows as $y => $row) {
            foreach ($row as $x => $dark) {
                if ((int) $dark === 1) {
                    $path .= sprintf('M%d %dh1v1h-1z', $x + self::QUIET, $y + self::QUIET);
                }
            }
        }
        $size = count($rows) + 2 * self::QUIET;

        return sprintf(
            '<svg class="qr" viewBox="0 0 %1$d %1$d" role="img" aria-label="%3$s" shape-rendering="crispEdges">'
                .'<rect width="%1$d" height="%1$d" fill="#fff"/><path d="%2$s" fill="#000"/></svg>',
            $size,
            $path,
            e($label),
        );
    }
}
