<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\Record;

/**
 * A record gone through under each fault alone: what each makes of each entry. Cheap, so it is kept up entry by entry, for
 * the case that the record surprises.
 */
final readonly class SingleFaults
{
    /** However little is left of a fault alone, with another it may be what is wrong. */
    private const KEEP_ALL = 1e-300;

    /** @param  list<EntryFit>  $fits of the entries that were observed */
    private function __construct(private Replay $replay, private array $fits)
    {
    }

    /** @param  list<array{string, string}>  $candidates spares that may be lent next: tag and part */
    public static function of(Machine $machine, Record $record, Catalogue $catalogue, array $candidates): self
    {
        return (new self(Replay::amongAt([], $machine, $record, $catalogue, $candidates, self::KEEP_ALL), []))->throughTheRest();
    }

    /** The same with the entries a longer record adds; null where it must be gone through from the start. */
    public function and(Record $record): ?self
    {
        $replay = $this->replay->grown($record);

        return $replay === null ? null : (new self($replay, $this->fits))->throughTheRest();
    }

    /** @return list<int> the one fault that explains the record best by itself, or none */
    public function likeliest(): array
    {
        return $this->replay->belief->sets(1)[0][0] ?? [];
    }

    /** @return list<list<int>> sets of two and three faults that come near to explaining the record, each in rising order */
    public function likelySets(): array
    {
        return LikelySets::of($this->replay->prior(), $this->fits, $this->replay->model->modes->stops);
    }

    private function throughTheRest(): self
    {
        [$replay, $fits] = [$this->replay, $this->fits];
        foreach ($replay->ahead() as $entry) {
            $next = $replay->next();
            if ($next->belief->logEvidence !== $replay->belief->logEvidence) {
                $fits[] = EntryFit::between($replay->belief, $next->belief, $next->hazardsSeen($entry));
            }
            $replay = $next;
        }

        return new self($replay, $fits);
    }

    /** What must be kept to take up again later. */
    public function kept(): KeptSingles
    {
        return new KeptSingles($this->replay->kept(), array_map(fn (EntryFit $fit): array => $fit->kept(), $this->fits));
    }

    /**
     * @param  list<array{string, string}>  $candidates
     */
    public static function resume(KeptSingles $kept, Machine $machine, Record $record, Catalogue $catalogue, array $candidates): ?self
    {
        $replay = Replay::takenUp($kept->replay, $machine, $record, $catalogue, $candidates);

        return $replay === null ? null : (new self($replay, array_map(EntryFit::fromKept(...), $kept->fits)))->throughTheRest();
    }
}
