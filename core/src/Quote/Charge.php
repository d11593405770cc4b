<?php

declare(strict_types=1);

namespace Orthoscope\Core\Quote;

use Orthoscope\Core\Evidence\Agreement;

/** What is to be asked of an owner at the end, why just that, and what the record comes to beside it. */
final readonly class Charge
{
    /**
     * @param  ?int  $price  minor units with tax; null where there is nobody to ask
     * @param  ?Variant  $bill   what the record comes to; null where nothing was done
     */
    private function __construct(public ?int $price, public string $why, public ?Variant $bill, public int $warrantyMonths)
    {
    }

    /**
     * What the owner agreed to goes before what it came to; what they set as the most is not gone over without asking.
     *
     * @param  ?Agreement  $agreed   the last leave they gave
     * @param  ?Variant  $accepted of the quote they accepted
     */
    public static function of(?Variant $bill, ?Agreement $agreed, ?Variant $accepted, Leave $leave): self
    {
        $total = $bill?->total()->minor ?? 0;
        if ($agreed !== null && $agreed->amount > 0 && in_array($agreed->answer, ['accepted', 'told'], true)) {
            return new self(
                $agreed->amount,
                'As the owner agreed to it.',
                $bill,
                $accepted->warrantyMonths ?? ($bill->warrantyMonths ?? 0),
            );
        }

        return $leave->most() === null || $leave->covers($total)
            ? new self($total, 'By the record.', $bill, $bill->warrantyMonths ?? 0)
            : new self(
                $leave->most(),
                'It comes to more than the owner agreed to: no more than that without asking.',
                $bill,
                $bill->warrantyMonths ?? 0,
            );
    }

    /** What may not be switched on is not repaired: it goes back with a written warning, and nothing is asked for it. */
    public static function ofLocked(?Variant $bill): self
    {
        return new self(0, 'It goes back locked and unrepaired, with a warning: nothing is asked for it.', $bill, 0);
    }

    /** The same for what still does what it came in with: what was agreed to was agreed for a repair, and there is none to warrant. */
    public function unrepaired(): self
    {
        $why = "{$this->why} It still does what it came in with: ask no more than is fair for that.";

        return new self($this->price, $why, $this->bill, 0);
    }

    public static function inWarranty(?Variant $bill): self
    {
        return new self(0, 'It came back in warranty: nothing to pay where it is the same trouble.', $bill, $bill->warrantyMonths ?? 0);
    }

    public static function ofOurOwn(?Variant $bill): self
    {
        return new self(null, 'A machine of our own: the price is what it is sold for.', $bill, $bill->warrantyMonths ?? 0);
    }
}
