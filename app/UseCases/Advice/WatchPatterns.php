<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Figure;
use App\Models\JobFacts;
use App\Models\Machine;
use Orthoscope\Core\Patterns\Gathered;
use Orthoscope\Core\Patterns\Pattern;
use Orthoscope\Core\Patterns\Seen;
use Orthoscope\Core\Patterns\Watch;
use stdClass;

/** Looks through the closed jobs of a year for what stands out, and keeps it with its day. */
final readonly class WatchPatterns
{
    private const DAYS = 365;

    /** So many of the latest are looked at: more tell nothing that these do not. */
    private const MOST = 5000;

    private const COLUMNS = [
        'tag',
        'model',
        'family',
        'stop',
        'cause_part',
        'cause_fault',
        'confirmed',
        'outcome',
        'act',
        'supplier',
        'dead',
        'firmware',
        'batch',
        'bench',
        'user_id',
        'signs',
        'spares',
        'parts',
        'back_after',
        'closed_at',
    ];

    public function look(): Figure
    {
        return Figure::keep('patterns', [
            'jobs' => count($seen = $this->seen()),
            'patterns' => array_map(
                fn (Gathered $one): array => self::row($one->pattern) + [
                    'also' => array_map(
                        fn (Pattern $side): array => [
                            'attribute' => $side->attribute,
                            'value' => $side->value,
                            'outcome' => $side->outcome,
                            'with' => $side->with,
                            'of' => $side->of,
                        ],
                        $one->also,
                    ),
                ],
                array_slice(Gathered::of(Watch::over($seen)), 0, 40),
            ),
        ]);
    }

    /** @return list<Seen> */
    private function seen(): array
    {
        $seen = [];
        $rows = JobFacts::query()
            ->toBase()
            ->where('closed_at', '>', now()->subDays(self::DAYS))
            ->orderByDesc('closed_at')
            ->limit(self::MOST)
            ->get(self::COLUMNS);
        foreach ($rows as $row) {
            $seen[] = new Seen($row->tag, intdiv((int) strtotime($row->closed_at), 86400), self::is($row), self::came($row));
        }

        return array_reverse($seen);
    }

    /** @return array<string, list<string>> what a closed job was, by attribute */
    private static function is(stdClass $row): array
    {
        $shared = Machine::isAModel($row->model);
        $one = array_filter(
            [
                'model' => $shared ? $row->model : '',
                'family' => $shared ? $row->family : '',
                'supplier' => $row->supplier,
                'act' => $row->act,
                'fault' => $row->confirmed ? $row->cause_fault : '',
                'firmware' => $row->firmware,
                'batch' => $row->batch,
                'bench' => $row->bench,
                'technician' => (string) $row->user_id,
            ],
            static fn (string $value): bool => $value !== '',
        );

        return array_map(static fn (string $value): array => [$value], $one) + [
            'spare' => json_decode($row->spares, true, 8, JSON_THROW_ON_ERROR),
            'part' => json_decode($row->parts, true, 8, JSON_THROW_ON_ERROR),
        ];
    }

    /** @return list<string> what came of it */
    private static function came(stdClass $row): array
    {
        $signs = json_decode($row->signs, true, 8, JSON_THROW_ON_ERROR);

        return array_values(
            array_filter([
                $row->stop === '' ? '' : "stop:{$row->stop}",
                $row->cause_part === '' || ! JobFacts::isKnown($row) ? '' : "cause:{$row->cause_part}",
                $row->confirmed && $row->cause_fault !== '' ? "fault:{$row->cause_fault}" : '',
                $row->back_after === null ? '' : 'comeback',
                $row->dead ? 'dead' : '',
                ...array_map(static fn (string $sign): string => "sign:{$sign}", $signs),
            ]),
        );
    }

    /** @return array<string, mixed> */
    private static function row(Pattern $pattern): array
    {
        return [
            'id' => $pattern->id(),
            'attribute' => $pattern->attribute,
            'value' => $pattern->value,
            'outcome' => $pattern->outcome,
            'with' => $pattern->with,
            'of' => $pattern->of,
            'elsewhere' => $pattern->elsewhere,
            'others' => $pattern->others,
            'rate' => $pattern->rate->belief->mean(),
            'interval' => $pattern->rate->belief->interval(),
            'exact' => $pattern->rate->seen->interval(),
            'chance' => $pattern->chance,
            'false' => $pattern->falseShare,
            'jobs' => array_slice(array_reverse($pattern->jobs), 0, 12),
            'days' => $pattern->days,
        ];
    }
}
