<?php

declare(strict_types=1);

namespace Orthoscope\Core\Returns;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;

/**
 * Two benches that see different things of one part: our starts that failed and what the other side said it did. The condition that
 * goes with our failures, and that theirs had not, is the one to ask for.
 */
final readonly class Separation
{
    /** What a supplier's bench is, unless they say otherwise: warm, open, short. Origin: common practice, no source. */
    public const THEIRS = [
        'temperature' => 'warm',
        'place' => 'out of the case',
        'run' => 'a short start',
        'parts' => 'their own parts beside it',
    ];

    /**
     * @param  array<string, string>  $ours   condition => how it was when it failed here
     * @param  array<string, string>  $theirs the same there
     * @param  ?string  $ask    the condition to propose, in words; null where nothing tells the two apart
     */
    private function __construct(public array $ours, public array $theirs, public ?string $ask)
    {
    }

    /** @param  array<string, string>  $theirs what the other side said of its bench, in place of the usual */
    public static function of(Record $record, Catalogue $catalogue, array $theirs = []): self
    {
        $theirs += self::THEIRS;
        $failed = $passed = [];
        foreach ($record->all(Start::class) as $start) {
            $conditions = self::conditions($start);
            if ($catalogue->reach($start->reached)->firstStop === $catalogue->stageCount()) {
                $passed[] = $conditions;
            } else {
                $failed[] = $conditions;
            }
        }
        $ours = [];
        $best = [0.0, null];
        foreach (array_keys(self::THEIRS) as $condition) {
            $counts = array_count_values(array_column($failed, $condition));
            arsort($counts);
            $usual = (string) (array_key_first($counts) ?? 'not seen to fail');
            $ours[$condition] = $usual;
            if ($failed === [] || $usual === $theirs[$condition]) {
                continue;
            }
            // How much more often it was so when it failed than when it ran.
            $likewise = array_filter($passed, fn (array $one): bool => $one[$condition] === $usual);
            $ran = $passed === [] ? 0.0 : count($likewise) / count($passed);
            $weight = $counts[$usual] / count($failed) - $ran;
            if ($weight > $best[0]) {
                $best = [$weight, "{$usual}, where they have it {$theirs[$condition]}"];
            }
        }

        return new self($ours, $theirs, $best[1]);
    }

    /** @return array<string, string> */
    private static function conditions(Start $start): array
    {
        return [
            'temperature' => $start->setUp->temperature->value ?? 'as it stood',
            'place' => $start->setUp->place->value === 'bench' ? 'out of the case' : 'in its case',
            'run' => match ($start->setUp->goal->value) {
                'load' => 'a long run at work',
                'hours' => 'hours',
                default => 'a short start',
            },
            'parts' => $start->setUp->lent === [] ? 'the owner\'s own parts beside it' : 'lent parts beside it',
        ];
    }
}
