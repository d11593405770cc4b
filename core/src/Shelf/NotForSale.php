<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

/** Why a spare of the shop does not stay in a machine for good: what is unproved is no ware, and the best of its kind proves all others. */
enum NotForSale
{
    case Unproved;
    case Reference;

    /**
     * @param  list<Spare>  $shelf   spares that are free; the one in question may be among them
     * @param  float  $trusted below which a spare is no ware, from 0 to 1
     *
     * @return ?self null where it may stay
     */
    public static function why(Spare $spare, array $shelf, float $trusted): ?self
    {
        return match (true) {
            $spare->bought => null,
            ! $spare->proved || $spare->trust < $trusted => self::Unproved,
            self::isBest($spare, $shelf) => self::Reference,
            default => null,
        };
    }

    /** @param  string  $kind name of the kind of part, as it begins a sentence */
    public function words(Spare $spare, string $kind): string
    {
        $inHundred = (int) floor(100 * $spare->trust);

        return match ($this) {
            self::Unproved => "{$spare->tag} is not proved (trusted {$inHundred} in 100) and is not sold; prove it first.",
            self::Reference => "{$spare->tag} is the best ".lcfirst($kind).' on the shelf to prove others by; '
                .'it is not sold while there is no better one.',
        };
    }

    /**
     * One that goes where this one goes and is trusted as well could prove others in its place.
     *
     * @param  list<Spare>  $shelf
     */
    private static function isBest(Spare $spare, array $shelf): bool
    {
        foreach ($shelf as $other) {
            $stands = $other->tag !== $spare->tag && $other->kind === $spare->kind && ! $other->bought && $other->fits === $spare->fits;
            if ($stands && round($other->trust, 2) >= round($spare->trust, 2)) {
                return false;
            }
        }

        return true;
    }
}
