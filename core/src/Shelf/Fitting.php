<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

use Orthoscope\Core\Catalogue\Shelf\FitRule;
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
        $rules = array_filter($data->fit, fn (FitRule $rule): bool => $rule->kind === $kind);
        foreach (self::withoutRule($facts, $rules) as $fact => $has) {
            $wants = $machine->platform[$fact] ?? null;
            if (! self::holds('same', $has, $wants)) {
                $against[] = "the machine's {$fact} is {$wants}, this is {$has}";
            }
        }
        foreach ($rules as $rule) {
            $has = $facts[$rule->fact] ?? null;
            $wants = self::wanted($rule->of, $machine);
            if (self::holds($rule->rule, $has, $wants)) {
                continue;
            }
            $says = str_replace(['{machine}', '{spare}'], [(string) $wants, (string) $has], $rule->says);
            $rule->caution !== null ? $cautions[] = "{$says}: {$rule->caution}" : $against[] = $says;
        }

        return new self($against, $cautions);
    }

    public static function ofSpare(Spare $spare, Machine $machine, ShelfData $data): self
    {
        return self::of($spare->kind, $spare->fits + $spare->facts, $machine, $data);
    }

    /**
     * What a machine must match of any spare that says so, where the kind has no rule of its own for it.
     *
     * @param  array<string, string>  $facts
     * @param  array<int, FitRule>  $rules
     *
     * @return array<string, string>
     */
    private static function withoutRule(array $facts, array $rules): array
    {
        return array_diff_key(array_intersect_key($facts, array_flip(NewSpare::SAME)), array_flip(array_column($rules, 'fact')));
    }

    public function fits(): bool
    {
        return $this->against === [];
    }

    private static function wanted(string $fact, Machine $machine): ?string
    {
        return match ($fact) {
            'picture' => $machine->has('card') ? 'card' : 'none',
            'watts' => $machine->platform['watts'] ?? self::rounded(PowerSum::of($machine)?->watts()),
            'amps12' => $machine->platform['amps12'] ?? self::rounded(PowerSum::of($machine)?->amps12()),
            default => $machine->platform[$fact] ?? null,
        };
    }

    private static function rounded(?float $sum): ?string
    {
        return $sum === null ? null : (string) (int) ceil($sum);
    }

    private static function holds(string $rule, ?string $has, ?string $wants): bool
    {
        if ($has === null || $has === '' || $wants === null || $wants === '') {
            return true;
        }

        return match ($rule) {
            'same' => self::plain($has) === self::plain($wants),
            'least' => version_compare(self::plain($wants), self::plain($has), '>='),
            'most' => version_compare(self::plain($wants), self::plain($has), '<='),
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
