<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Job;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\Contradiction;
use Orthoscope\Core\Evidence\Start;

/** A start as it is typed, whose outcome and signs cannot both be right: asked about while whoever saw it still stands there. */
final readonly class RefuseContradiction
{
    public function __construct(private ReadTyped $typed, private Catalogue $catalogue)
    {
    }

    /**
     * @param  list<array<string, mixed>>  $written
     *
     * @throws CaseMistake where it contradicts itself, or cannot be understood
     */
    public function in(Job $job, array $written): void
    {
        foreach ($written as $one) {
            if (($one['kind'] ?? null) !== 'start' || ($one['signs'] ?? []) === []) {
                continue;
            }
            $start = $this->typed->entry($job, $one);
            $against = $start instanceof Start ? Contradiction::in($start, $this->catalogue) : null;
            if ($against !== null) {
                throw CaseMistake::at('/signs', "It cannot have been both {$against->words()}. Change the one that is wrong.");
            }
        }
    }
}
