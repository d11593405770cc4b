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

    /** @param  array<string, mixed>  $facts of the spare: text, numbers or lists by fact */
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
            $says = str_replace(['{machine}', '{spare}'], [self::words($wants), self::words($has)], $rule->says);
            $rule->caution !== null ? $cautions[] = "{$says}: {$rule->caution}" : $against[] = $says;
        }

        return new self($against, $cautions);
    }

    public function fits(): bool
    {
        return $this->against === [];
    }

    private static function wanted(string $fact, Machine $machine): mixed
    {
        return $fact === 'picture' ? ($machine->has('card') ? 'card' : 'none') : ($machine->platform[$fact] ?? null);
    }

    private static function holds(string $rule, mixed $has, mixed $wants): bool
    {
        if ($has === null || $has === '' || $has === [] || $wants === null || $wants === '') {
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

    private static function plain(mixed $value): string
    {
        return mb_strtolower(trim(is_array($value) ? implode(' ', $value) : (string) $value));
    }

    /** @return list<string> */
    private static function list(mixed $value): array
    {
        return array_values(array_filter(array_map(self::plain(...), is_array($value) ? $value : explode(',', (string) $value)), fn (string $one): bool => $one !== ''));
    }

    private static function words(mixed $value): string
    {
        return is_array($value) ? implode(', ', $value) : (string) $value;
    }
}
