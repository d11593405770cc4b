<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

use Orthoscope\Core\Catalogue\Shelf\ShelfData;
use Orthoscope\Core\Chain\Machine;

/** Whether a spare goes into a machine, and why not; or what to mind if it only goes with care. Facts nobody knows decide nothing. */
final readonly class Fitting
{
    /**
     * @param  list<string>  $against  reasons why it does not go in
     * @param  list<string>  $cautions what to mind where it goes in all the same
     */
    private function __construct(public array $against, public array $cautions)
    {
    }

    /** @param  array<string, string>  $facts of the spare by name; several values of one stand with commas between */
    public static function of(string $kind, array $facts, Machine $machine, ShelfData $data): self
    {
        $against = $cautions = [];
        foreach ($data->fit as $rule) {
            if ($rule->kind !== $kind) {
                continue;
            }
            $has = $facts[$rule->fact] ?? null;
            $wants = self::wanted($rule->fact, $machine);
            if (self::holds($rule->rule, $has, $wants)) {
                continue;
            }
            $says = str_replace(['{machine}', '{spare}'], [(string) $wants, (string) $has], $rule->says);
            $rule->caution !== null ? $cautions[] = "{$says}: {$rule->caution}" : $against[] = $says;
        }

        return new self($against, $cautions);
    }

    public function fits(): bool
    {
        return $this->against === [];
    }

    private static function wanted(string $fact, Machine $machine): ?string
    {
        return $fact === 'picture' ? ($machine->has('card') ? 'card' : 'none') : ($machine->platform[$fact] ?? null);
    }

    private static function holds(string $rule, ?string $has, ?string $wants): bool
    {
        if ($has === null || $has === '' || $wants === null || $wants === '') {
            return true;
        }

        return match ($rule) {
            'same' => self::plain($has) === self::plain($wants),
            'least' => version_compare(self::plain($wants), self::plain($has), '>='),
            'room' => (float) $has >= (float) $wants,
            'offers' => array_intersect(self::list($wants), self::list($has)) !== [],
            'needs' => ! (self::plain($has) === 'none' && self::plain($wants) === 'none'),
            default => true,
        };
    }

    private static function plain(string $value): string
    {
        return mb_strtolower(trim($value));
    }

    /** @return list<string> */
    private static function list(string $value): array
    {
        return array_values(array_filter(array_map(self::plain(...), explode(',', $value)), fn (string $one): bool => $one !== ''));
    }
}
