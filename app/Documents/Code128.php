<?php

declare(strict_types=1);

namespace App\Documents;

use TCPDFBarcode;

/** Code 128 (ISO/IEC 15417) as SVG, drawn from the bars so that it scales and prints sharply. */
final class Code128
{
    private const QUIET = 10;

    private const HEIGHT = 30;

    public static function svg(string $text): string
    {
        $code = (new TCPDFBarcode($text, 'C128'))->getBarcodeArray();
        $path = '';
        $x = self::QUIET;
        foreach ($code['bcode'] as $bar) {
            if ($bar['t']) {
                $path .= sprintf('M%d 0h%dv%dh-%dz', $x, $bar['w'], self::HEIGHT, $bar['w']);
            }
            $x += $bar['w'];
        }

        return sprintf(
            '<svg class="bars" viewBox="0 0 %1$d %2$d" role="img" aria-label="Code 128 of %3$s" shape-rendering="crispEdges"'
                .' preserveAspectRatio="none"><rect width="%1$d" height="%2$d" fill="#fff"/><path d="%4$s" fill="#000"/></svg>',
            $x + self::QUIET,
            self::HEIGHT,
            e($text),
            $path,
        );
    }
}
