<?php

declare(strict_types=1);

namespace Orthoscope\Core\Chain;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Electrical\Sizing\Draws;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Plain\UnknownWord;
use Orthoscope\Core\SetUp\SetUp;

/** A desktop as it came in: which parts it has, where the sticks sit, and the facts that decide what its signs mean. */
final readonly class Machine
{
    /** @var array<string, list<Part>> */
    private array $byKind;

    /** Kinds of part that are sent in alone, to be tried in a machine of the shop's. */
    public const ALONE = ['card', 'supply', 'board', 'processor', 'stick', 'drive', 'screen'];

    /** Kinds of part that often stay at the owner's => as they are called there; the shop's own stand in their place, or nothing. */
    public const MAY_STAY = [
        'wall-lead' => 'the power lead',
        'devices' => 'keyboard, mouse and what else is plugged in',
        'video-lead' => 'the lead to the screen',
        'screen' => 'the screen',
    ];

    public const FACTS = ['own_graphics', 'status_lamps', 'speaker', 'code_display'];

    /**
     * @param  array<string, Part>  $parts by id, in the order of the chain
     * @param  array<string, string>  $slots stick id => slot id
     * @param  array<string, bool>  $facts see FACTS
     * @param  array<string, string>  $platform what spares must match, such as "memory" => "DDR4" or "socket"
     * @param  array<string, array<string, array<string, float>>>  $boardSigns sign channel => stage not reached => value => share,
     *     where this board differs from others
     * @param  Draws  $draws what its parts draw where nobody has read their labels
     * @param  list<string>  $atHome kinds of MAY_STAY that did not come in with it
     * @param  ?string  $alone the kind of the one part that is the owner's; all else is a known-good machine of the shop's
     */
    private function __construct(
        public string $model,
        public array $parts,
        public array $slots,
        public array $facts,
        public array $platform,
        public array $boardSigns,
        public Draws $draws,
        public array $atHome,
        public ?string $alone,
    ) {
        $byKind = [];
        foreach ($parts as $part) {
            $byKind[$part->kind->id][] = $part;
        }
        $this->byKind = $byKind;
    }

    /**
     * @param  array<array-key, mixed>  $given the "machine" of a case file
     *
     * @throws MachineMistake when the facts do not make a machine
     */
    public static function fromArray(array $given, Catalogue $catalogue): self
    {
        return self::fromRow(Row::of($given, 'the machine'), $catalogue);
    }

    /** @throws MachineMistake when the facts do not make a machine */
    public static function fromRow(Row $given, Catalogue $catalogue): self
    {
        $memory = $given->rowOrNull('memory') ?? Row::of([], $given->where);
        $slots = $memory->texts('slots', ['A2', 'B2']);
        $sticks = $memory->texts('sticks', $slots);
        $said = $given->rowOrNull('facts') ?? Row::of([], $given->where);
        $facts = [];
        foreach (self::FACTS as $fact) {
            $facts[$fact] = $said->isSet($fact);
        }
        $alone = $given->textOrNull('alone');
        if ($alone !== null && ! in_array($alone, self::ALONE, true)) {
            throw MachineMistake::because(UnknownWord::sentence('part that comes alone', $alone, self::ALONE));
        }
        $hasCard = $given->isSet('card', true);
        if (! $hasCard && ! $facts['own_graphics']) {
            throw MachineMistake::noPictureSource();
        }
        $placed = self::placeSticks($sticks, $slots);
        $parts = self::partsOf(
            $catalogue,
            self::counts($given, count($slots), count($sticks), $hasCard),
            $slots,
            $given->textByName('names', []),
        );
        $platform = array_filter(
            ($given->rowOrNull('platform') ?? Row::of([], $given->where))->facts(),
            fn (string $fact): bool => $fact !== '',
        );

        return new self(
            model: $given->text('model', ''),
            parts: $parts,
            slots: $placed,
            facts: $facts,
            platform: $platform,
            boardSigns: self::boardSigns($given, $catalogue),
            draws: $catalogue->draws(),
            atHome: self::atHome($given),
            alone: $alone,
        );
    }

    /** @return array<string, int> kind of part => how many the machine has, where that is not one */
    private static function counts(Row $given, int $slots, int $sticks, bool $card): array
    {
        $drives = $given->whole('drives', 1);

        return [
            'stick' => $sticks,
            'slot' => $slots,
            'drive' => $drives,
            'card' => (int) $card,
            'card-slot' => (int) $card,
            'card-plug' => (int) ($card && $given->isSet('card_plug', true)),
            'output' => (int) $card,
            'drive-lead' => min(1, $drives),
            'drive-port' => min(1, $drives),
            'system' => min(1, $drives),
            'kit' => (int) ($sticks > 1),
            'add-in' => (int) $given->isSet('add_in'),
        ];
    }

    /**
     * @param  array<string, int>  $counts
     * @param  list<string>  $slots
     * @param  array<string, string>  $names part id => what it is called here
     *
     * @return array<string, Part>
     */
    private static function partsOf(Catalogue $catalogue, array $counts, array $slots, array $names): array
    {
        $parts = [];
        foreach ($catalogue->parts as $kind) {
            $labels = self::labels($kind->id, $counts[$kind->id] ?? ($kind->shelfOnly ? 0 : 1), $slots);
            foreach ($labels as $id => $suffix) {
                $parts[$id] = new Part($id, $kind, $names[$id] ?? trim("{$kind->name} {$suffix}"));
            }
        }
        foreach (array_keys($names) as $named) {
            if (! isset($parts[$named])) {
                throw MachineMistake::because(UnknownWord::sentence('part of this machine', $named, array_keys($parts)));
            }
        }

        return $parts;
    }

    /** @return list<string> */
    private static function atHome(Row $given): array
    {
        $atHome = $given->texts('at_home', []);
        $may = array_keys(self::MAY_STAY);
        foreach (array_diff($atHome, $may) as $word) {
            throw MachineMistake::because(UnknownWord::sentence('part that may stay at home', $word, $may));
        }

        return array_values(array_intersect($may, $atHome));
    }

    /** Whether a part stayed with its owner: here it takes part in nothing, and nothing can be done to it. */
    public function isAtHome(Part $part): bool
    {
        return in_array($part->kind->id, $this->atHome, true);
    }

    /** Whether a part is the owner's: all are, unless one came alone; then that one, with what belongs to it. */
    public function isOwners(Part $part): bool
    {
        return $this->alone === null || in_array($this->alone, [$part->kind->id, $part->kind->carrier], true);
    }

    public function part(string $id): Part
    {
        return $this->parts[$id]
            ?? throw MachineMistake::because($this->unknownPart($id));
    }

    /** What to say of a word that names no part of it: what people of the trade call a part is told by its name here. */
    public function unknownPart(string $word): string
    {
        foreach ($this->parts as $part) {
            if ($part->kind->isCalled($word)) {
                return "\"{$word}\" is called \"{$part->id}\" here.";
            }
        }

        return UnknownWord::sentence('part of this machine', $word, array_keys($this->parts));
    }

    public function has(string $id): bool
    {
        return isset($this->parts[$id]);
    }

    /** @return list<Part> */
    public function ofKind(string $kind): array
    {
        return $this->byKind[$kind] ?? [];
    }

    /**
     * Ids of the parts a word means: a part's own id, or every part of a kind.
     *
     * @return list<string>
     */
    public function meant(string $word): array
    {
        return isset($this->parts[$word]) ? [$word] : array_column($this->ofKind($word), 'id');
    }

    /** The slot a stick sits in under a set-up, or null while it is out. */
    public function slotOf(string $stick, SetUp $setUp): ?string
    {
        return $setUp->isOut($stick) ? null : $setUp->moved[$stick] ?? ($this->slots[$stick] ?? null);
    }

    /** The memory channel of a slot: the letter its label begins with. */
    public static function channelOf(string $slot): string
    {
        return substr($slot, strlen('slot-'), 1);
    }

    /** @return list<string> the words said of a fact of the platform, where it may have several; none where nothing is known */
    public function said(string $fact): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', $this->platform[$fact] ?? ''))));
    }

    /** @return array<string, string> kind of part => the model of it, where it was said; of what can be bought as a part */
    public function models(): array
    {
        return array_filter(
            $this->platform,
            fn (string $kind): bool => ($this->ofKind($kind)[0] ?? null)?->kind->lendable === true,
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** @return list<string> the letters of the memory channels of the board */
    public function channels(): array
    {
        return array_values(array_unique(array_map(fn (Part $slot): string => self::channelOf($slot->id), $this->ofKind('slot'))));
    }

    /** @return array<string, array<string, array<string, float>>> sign channel => stage not reached => value => share */
    private static function boardSigns(Row $given, Catalogue $catalogue): array
    {
        $signs = [];
        foreach ($given->has('board_signs') ? $given->rowByName('board_signs') : [] as $channel => $stops) {
            $sign = $catalogue->sign($channel);
            $values = array_map(strval(...), array_keys($sign->values));
            foreach ($stops->keys() as $stop) {
                $shares = $stops->numberByName($stop);
                if (! in_array($stop, [...$catalogue->stageIds, 'none'], true)) {
                    throw MachineMistake::because(UnknownWord::sentence('stage', $stop, $catalogue->stageIds));
                }
                foreach (array_diff(array_map(strval(...), array_keys($shares)), $values) as $value) {
                    throw MachineMistake::because(UnknownWord::sentence($sign->name, $value, $values));
                }
                if (array_sum($shares) > 1.0 + 1e-9) {
                    throw MachineMistake::because("The shares of {$channel} at {$stop} add up to more than one.");
                }
                $signs[$channel][$stop] = $shares;
            }
        }

        return $signs;
    }

    /**
     * @param  list<string>  $slots
     *
     * @return array<string, string> part id => what follows the kind's name
     */
    private static function labels(string $kind, int $count, array $slots): array
    {
        $labels = [];
        for ($i = 1; $i <= $count; $i++) {
            match (true) {
                $kind === 'slot' => ($labels["slot-{$slots[$i - 1]}"] = $slots[$i - 1]),
                $kind === 'stick' => ($labels["stick-{$i}"] = (string) $i),
                $kind === 'drive' && $count > 1 => ($labels["drive-{$i}"] = (string) $i),
                default => ($labels[$kind] = ''),
            };
        }

        return $labels;
    }

    /**
     * @param  list<string>  $sticks slot label of each stick
     * @param  list<string>  $slots
     *
     * @return array<string, string>
     */
    private static function placeSticks(array $sticks, array $slots): array
    {
        $placed = [];
        foreach ($sticks as $i => $slot) {
            if (! in_array($slot, $slots, true)) {
                throw MachineMistake::because(UnknownWord::sentence('memory slot of this machine', $slot, $slots));
            }
            $id = 'slot-'.$slot;
            if (in_array($id, $placed, true)) {
                throw MachineMistake::because("Slot {$slot} holds two sticks; give each stick a slot of its own.");
            }
            $placed['stick-'.($i + 1)] = $id;
        }

        return $placed;
    }
}
