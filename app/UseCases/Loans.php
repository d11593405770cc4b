<?php

declare(strict_types=1);

namespace App\UseCases;

use App\Models\Job;
use App\Models\Spare;
use Orthoscope\Core\Evidence\CaseMistake;

/** A spare that a start lends must be on the shelf and with no other job; how far it is trusted is what the shelf says. */
final readonly class Loans
{
    public function __construct(private FreeShelf $shelf)
    {
    }

    /**
     * @param  array<string, mixed>  $written an entry
     * @return array<string, mixed> the same, with the shelf's trust
     */
    public function settle(Job $job, array $written): array
    {
        foreach ($written['setup']['lent'] ?? [] as $part => $loan) {
            $spare = Spare::query()->where('tag', $loan['tag'])->first()
                ?? throw CaseMistake::at('/setup/lent', "There is no spare {$loan['tag']} on the shelf; scan its tag again.");
            $holder = $this->shelf->lentTo($job)[$spare->tag] ?? null;
            if ($holder !== null) {
                throw CaseMistake::at('/setup/lent', "{$spare->tag} is lent to {$holder}. Bring it back there first, or take another.");
            }
            $written['setup']['lent'][$part]['trust'] = $spare->trust;
        }

        return $written;
    }
}
