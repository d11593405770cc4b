<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

/** An act shows nothing by itself: it is done. */
final readonly class ActForecast implements OutcomeForecast
{
    public function outcomes(): array
    {
        return [['result' => 'done', 'signs' => [], 'words' => 'done']];
    }

    public function given(array $faults): array
    {
        return [1.0];
    }
}
