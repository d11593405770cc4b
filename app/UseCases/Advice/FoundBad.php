<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\SpareStory;
use Orthoscope\Core\SetUp\Lent;
use Orthoscope\Core\Shelf\SpareEvent;
use Orthoscope\Core\Shelf\Trust;

/** Spares that turned out bad: trials that relied on them count for what the spare was worth then, as it is known now. */
final class FoundBad
{
    /** @var array<string, float>|null */
    private ?array $bad = null;

    /** @return array<string, float> tag => trust just before it turned out bad, of spares not proved again since */
    public function all(): array
    {
        if ($this->bad === null) {
            $last = SpareStory::query()
                ->whereIn('kind', [SpareEvent::PASSED, SpareEvent::FAILED])
                ->selectRaw('max(id)')
                ->groupBy('spare_id');
            $this->bad = SpareStory::query()
                ->whereIn('spare_events.id', $last)
                ->where('spare_events.kind', SpareEvent::FAILED)
                ->join('spares', 'spares.id', '=', 'spare_events.spare_id')
                ->pluck('trust_before', 'spares.tag')
                ->map(fn (mixed $trust): float => (float) $trust)
                ->all();
        }

        return $this->bad;
    }

    public function forget(): void
    {
        $this->bad = null;
    }

    /**
     * @param  array<string, mixed>  $written an entry as it is stored
     *
     * @return array<string, mixed>
     */
    public function weighed(array $written, ?string $but): array
    {
        foreach ($written['setup']['lent'] ?? [] as $part => $loan) {
            if ($loan['tag'] !== $but && isset($this->all()[$loan['tag']])) {
                $written['setup']['lent'][$part]['trust'] = round(
                    Trust::lookingBack((float) ($loan['trust'] ?? Lent::TRUST_UNSAID), $this->all()[$loan['tag']]),
                    4,
                );
            }
        }

        return $written;
    }
}
