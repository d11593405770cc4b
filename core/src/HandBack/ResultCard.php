<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;

/**
 * A card that lies at the bench and is scanned instead of pressing a button: one thing that is proved, and one result of it. What is
 * measured has no card, as its values must be typed or read in; nor has a start that stops, as how far it got must be said.
 */
final readonly class ResultCard
{
    /**
     * @param  string  $code   as printed; only its letters and figures count when it is read
     * @param  string  $item   what is proved
     * @param  string  $words  the result
     * @param  bool  $good   it proves it
     * @param  ?string  $check  the look
     * @param  ?string  $result of the look
     * @param  ?SetUp  $setUp  the start, where it is one
     */
    private function __construct(
        public string $code,
        public string $item,
        public string $words,
        public bool $good,
        private ?string $check,
        private ?string $result,
        private ?SetUp $setUp,
    ) {
    }

    /** @return list<self> in the order of the plan, each thing once */
    public static function all(Catalogue $catalogue): array
    {
        $outside = new SetUp(place: Place::Bench, startBy: StartBy::Pins);
        $cards = [
            new self('P.OUTSIDE.UP', 'Out of the case', 'stays up', true, null, null, $outside),
            new self('P.INSIDE.UP', 'In the case, by the real button', 'stays up', true, null, null, new SetUp),
        ];
        $seen = [];
        foreach ($catalogue->proving->items as $item) {
            $what = $item->check ?? ($item->setUp?->key() ?? '');
            if (isset($seen[$what]) || ($item->check !== null && $catalogue->check($item->check)->limit !== null)) {
                continue;
            }
            $seen[$what] = true;
            if ($item->check === null) {
                $cards[] = new self(self::printed($item->id, 'up'), $item->name, 'stays up', true, null, null, $item->setUp);

                continue;
            }
            foreach (array_reverse($catalogue->check($item->check)->results) as $result) {
                $cards[] = new self(
                    self::printed($item->id, $result->id),
                    $item->name,
                    $result->name,
                    $result->id === $item->pass,
                    $item->check,
                    $result->id,
                    null,
                );
            }
        }

        return $cards;
    }

    /** @throws CaseMistake when it is no such card */
    public static function read(string $code, Catalogue $catalogue): self
    {
        foreach (self::all($catalogue) as $card) {
            if (self::bare($card->code) === self::bare($code)) {
                return $card;
            }
        }
        throw CaseMistake::at(
            '/code',
            "\"{$code}\" is on no card; scan one of the sheet of result cards, or press the button beside what is proved.",
        );
    }

    /**
     * The entry that the card stands for, on one job.
     *
     * @return array<string, mixed> as in a case file
     *
     * @throws CaseMistake when the plan of that job does not ask for it, its owner gave no leave, or it has several such parts
     */
    public function entry(Plan $plan): array
    {
        if ($this->check === null && ($this->setUp?->place === Place::Bench || $this->setUp?->toArray() === [])) {
            return $this->start();
        }
        $asked = array_values(
            array_filter(
                $plan->items,
                fn (PlannedItem $planned): bool => $this->check === null
                    ? $planned->item->setUp?->key() === $this->setUp?->key()
                    : $planned->item->check === $this->check,
            ),
        );
        if ($asked === []) {
            throw CaseMistake::at('/code', "\"{$this->item}\" is not asked of this machine; was another card meant?");
        }
        if (array_filter($asked, fn (PlannedItem $planned): bool => $planned->state !== PlanState::Locked) === []) {
            throw CaseMistake::at('/code', "\"{$this->item}\" needs the owner's leave first; record it in a note on the job.");
        }
        $owed = array_values(array_filter($asked, fn (PlannedItem $planned): bool => $planned->isOwed())) ?: $asked;
        if (isset($owed[1])) {
            throw CaseMistake::at('/code', "\"{$this->item}\" is asked of several parts; press the button beside the one that is meant.");
        }

        return $this->check === null
            ? $this->start()
            : array_filter(['kind' => 'finding', 'check' => $this->check, 'target' => $owed[0]->target, 'result' => $this->result]);
    }

    /** What it says, in one go: "Every fan turns", or "Every fan turns: a fan of the card stands still". */
    public function said(): string
    {
        return match (true) {
            $this->check === null => "{$this->item}, {$this->words}",
            $this->good => $this->item,
            default => "{$this->item}: {$this->words}",
        };
    }

    /** @return array<string, mixed> */
    private function start(): array
    {
        return array_filter(['kind' => 'start', 'reached' => 'stays', 'setup' => $this->setUp?->toArray()]);
    }

    private static function printed(string $item, string $result): string
    {
        return strtoupper("P.{$item}.{$result}");
    }

    private static function bare(string $code): string
    {
        return (string) preg_replace('/[^A-Z0-9]/', '', strtoupper($code));
    }
}
