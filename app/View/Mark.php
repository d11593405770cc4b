<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Contracts\Support\Htmlable;
use Orthoscope\Core\Diagnosis\Standing;

/**
 * The mark of a standing, drawn from the sheet of marks that each page carries. Lists hold many of them: this is quicker than a view each.
 */
final readonly class Mark implements Htmlable
{
    private function __construct(private string $standing)
    {
    }

    public static function of(Standing|string $standing): self
    {
        return new self($standing instanceof Standing ? $standing->value : $standing);
    }

    public function toHtml(): string
    {
        return '<svg class="mark" width="18" height="18" aria-hidden="true"><use href="#mark-'.e($this->standing).'"/></svg>';
    }
}
