<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\Wait;
use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Catalogue\SignChannel;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Codes\CodeMeaning;
use Orthoscope\Core\Evidence\DoneTo;
use Orthoscope\Core\Planning\Candidate;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Shelf\Fitting;
use Orthoscope\Core\Shelf\Shelf;

/** What the dialogs of a job offer: ways a part can stand in a start, signs, looks, acts, and how long to wait. */
final readonly class EntryChoices
{
    /** @param  list<CodeMeaning>  $lamps of this board in their own order */
    public function __construct(private Assessment $assessment, private Catalogue $catalogue, private Shelf $shelf, private array $lamps)
    {
    }

    /** @return list<SignChannel> the signs this machine can give, those that tell most now first */
    public function channels(): array
    {
        return array_map(fn (string $channel): SignChannel => $this->catalogue->sign($channel), array_keys($this->assessment->signs));
    }

    /**
     * What a sign can show; lamps in this board's own order, where its codebook lists them.
     *
     * @return array<string, string>
     */
    public function valuesOf(SignChannel $channel): array
    {
        if ($channel->id !== 'lamp') {
            return $channel->values;
        }
        $own = [];
        foreach ($this->lamps as $lamp) {
            $own[$lamp->value] ??= "{$channel->values[$lamp->value]} ({$lamp->from})";
        }

        return $own + $channel->values;
    }

    /** @return array<string, mixed> how the machine stands: the set-up of the last start */
    public function standingSetUp(): array
    {
        return $this->assessment->record->lastStart()?->setUp->toArray() ?? [];
    }

    /** How long to wait at a start as the machine stands, or as a step puts it together. */
    public function wait(?Candidate $candidate = null): Wait
    {
        $setUp = $candidate->setUp ?? ($this->assessment->record->lastStart()->setUp ?? new SetUp);

        return Wait::for(
            $this->assessment->machine,
            $this->assessment->record,
            $setUp,
            $this->catalogue,
            $candidate?->step->act === null ? [] : [$candidate->step->act],
        );
    }

    /** Seconds to wait at a start with other memory or another processor than the last one had. */
    public function trainingWait(): int
    {
        return (int) $this->catalogue->number('first_start_s');
    }

    /** @return list<Part> parts that can be taken out, lent or moved for a start */
    public function changeable(): array
    {
        return array_values(
            array_filter($this->assessment->machine->parts, fn (Part $part): bool => $part->kind->lendable || $this->canBeOut($part)),
        );
    }

    private function canBeOut(Part $part): bool
    {
        return in_array($part->kind->id, ['devices', 'add-in'], true)
            || ($part->kind->stops !== null && ! in_array($part->kind->id, ['board', 'cooler'], true));
    }

    /** @return list<array{value: string, words: string}> ways a part can stand in a start */
    public function states(Part $part): array
    {
        $states = $part->kind->id === 'stick' ? $this->slots($part) : [['value' => 'own', 'words' => 'its own']];
        if (in_array($part->kind->id, ['card', 'drive'], true)) {
            $states[] = [
                'value' => 'slot:'.SetUp::OTHER_SLOT,
                'words' => $part->kind->id === 'card' ? 'in another slot' : 'on another port',
            ];
        }
        if ($this->canBeOut($part)) {
            $states[] = ['value' => 'out', 'words' => 'out'];
        }
        foreach ($this->shelf->spares as $spare) {
            if ($spare->kind === $part->kind->id && Fitting::ofSpare($spare, $this->assessment->machine, $this->catalogue->shelf)->fits()) {
                $states[] = ['value' => "lent:{$spare->tag}", 'words' => "lent {$spare->tag}"];
            }
        }

        return $states;
    }

    /** @return array<string, string> what others may have changed for a trial, as "out:PART" or "theirs:PART" => in words */
    public function triedByOthers(): array
    {
        $ways = [];
        foreach ($this->changeable() as $part) {
            if ($this->canBeOut($part)) {
                $ways["out:{$part->id}"] = "{$part->name} out";
            }
            if ($part->kind->lendable) {
                $ways["theirs:{$part->id}"] = "another for {$part->name}";
            }
        }

        return $ways;
    }

    /** @return list<array{value: string, words: string}> its own slot first, then the others */
    private function slots(Part $stick): array
    {
        $own = $this->assessment->machine->slots[$stick->id] ?? '';
        $slots = [['value' => 'own', 'words' => 'in '.substr($own, 5)]];
        foreach ($this->assessment->machine->ofKind('slot') as $slot) {
            if ($slot->id !== $own) {
                $slots[] = ['value' => "slot:{$slot->id}", 'words' => 'in '.substr($slot->id, 5)];
            }
        }

        return $slots;
    }

    /** @return list<Check> looks and readings that this machine allows */
    public function checks(): array
    {
        return array_values(
            array_filter(
                $this->catalogue->checks,
                fn (Check $check): bool => $check->target === null || $this->assessment->machine->ofKind($check->target) !== [],
            ),
        );
    }

    /** @return list<Part> parts among which a look may say where it found something */
    public function which(Check $check): array
    {
        return array_merge(...array_map($this->assessment->machine->ofKind(...), $check->which));
    }

    /** @return list<Part> parts that may be in a known-good machine together with the one a look is made on */
    public function alsoInHost(Check $check): array
    {
        $of = $this->assessment->machine->ofKind((string) $check->target);

        return array_values(
            array_filter(
                $this->assessment->machine->parts,
                fn (Part $part): bool => $this->catalogue->hostCheckOf($part->kind->id) !== null
                    && (count($of) > 1 || $part->kind->id !== $check->target),
            ),
        );
    }

    /** @return list<Act> */
    public function acts(): array
    {
        return array_values($this->catalogue->acts);
    }

    /** Names of the parts that an act is done to with use, spaces between; the form puts those first. */
    public function usefulOn(Act $act): string
    {
        return implode(' ', (new DoneTo($this->catalogue, $this->assessment->machine))->useful($act));
    }

    /** @return list<Part> */
    public function parts(): array
    {
        return array_values(array_filter($this->assessment->machine->parts, fn (Part $part): bool => $part->id !== 'outside'));
    }
}
