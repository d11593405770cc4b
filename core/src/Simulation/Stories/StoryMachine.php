<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Stories;

use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Simulation\HiddenMachine;

/** A machine with troubles that behave as told, and a person at it who errs at a rate of their own. */
final class StoryMachine implements HiddenMachine
{
    /** The outcomes, the least far first. */
    private const OUTCOMES = ['nothing', 'twitch', 'dark', 'no-drive', 'no-system', 'drops', 'stays'];

    /** What a board shows at a dark start for what is not there, or is bad. */
    private const LACKING = [
        'processor' => ['lamp' => 'cpu', 'code' => 'blank'],
        'stick' => ['lamp' => 'memory', 'beeps' => 'memory', 'code' => 'memory'],
        'card' => ['lamp' => 'graphics', 'beeps' => 'graphics', 'code' => 'graphics'],
    ];

    /** Parts whose troubles stop a board before it looks for memory. */
    private const EARLY = [
        'supply', 'main-plug', 'cpu-plug', 'panel', 'case', 'devices', 'add-in', 'board', 'firmware', 'settings', 'cell', 'processor',
        'socket', 'cooler',
    ];

    private const NEW_IS_BAD = 0.025;

    private const SPARE_IS_BAD = 0.025;

    private const HOST_IS_ODD = 0.015;

    private SetUp $setUp;

    /** @var array<string, bool> "tag part" or "new part" => bad */
    private array $bad = [];

    private readonly StorySigns $signs;

    private readonly float $errs;

    private bool $misread = false;

    /** @param  non-empty-list<Story>  $stories */
    public function __construct(private readonly Machine $machine, private readonly array $stories, private readonly Draw $draw)
    {
        $this->setUp = new SetUp;
        $this->signs = new StorySigns($machine, $draw);
        $this->errs = $draw->oneOf([0.4, 0.8, 1.0, 2.5]);
    }

    public function machine(): Machine
    {
        return $this->machine;
    }

    public function report(): array
    {
        $seen = $this->atOwner(new SetUp(place: Place::Owner));
        for ($i = 0; $i < 12 && $seen === 'stays'; $i++) {
            $seen = $this->atOwner(new SetUp(place: Place::Owner));
        }
        $told = $this->draw->happens(0.2) ? $this->draw->oneOf(['nothing', 'dark', 'dark', 'drops', 'no-system']) : $seen;

        return ['kind' => 'report', 'events' => ['none'], 'marks' => ['consent-system'], 'reached' => $told];
    }

    public function start(SetUp $setUp): array
    {
        foreach ($this->setUp->partsChangedTo($setUp) as $part) {
            $this->move($part);
        }
        if ($this->setUp->place !== $setUp->place) {
            $this->move('board');
        }
        $this->setUp = $setUp;
        foreach ($setUp->lent as $part => $lent) {
            $this->bad["{$lent->tag} {$part}"] ??= $this->draw->happens(self::SPARE_IS_BAD);
        }
        [$reached, $story, $lacking] = $this->comesTo($setUp);
        $signs = $this->signs->of($reached, $story->tale->signs ?? self::LACKING[$lacking] ?? [], $story->tale->story ?? $lacking);
        $was = $reached;
        if ($this->draw->happens(0.015 * $this->errs)) {
            $at = (int) array_search($reached, self::OUTCOMES, true) + $this->draw->oneOf([-1, 1]);
            $reached = self::OUTCOMES[max(0, min(6, $at))];
        }
        $this->misread = $reached !== $was;

        return ['reached' => $reached, 'signs' => array_filter($signs, fn (): bool => ! $this->draw->happens(0.08 * $this->errs))];
    }

    public function look(Check $check, ?string $target): string
    {
        if ($check->host && $target !== null) {
            $this->move($target);
            $this->bad["host {$target}"] ??= $this->draw->happens(self::HOST_IS_ODD);
        }
        $result = $check->host && $this->bad["host {$target}"] ? 'fails' : null;
        foreach ($this->stories as $story) {
            $result ??= $story->look($check->id, $this->setUp, $target, $this->draw);
        }
        $known = array_column($check->results, 'id');
        $this->misread = false;
        if ($result === null && $this->draw->happens(0.002 * $this->errs)) {
            $result = $known[0];
            $this->misread = $result !== $check->clearResult()->id;
        }

        return $result !== null && in_array($result, $known, true) && ! $this->draw->happens(0.03 * $this->errs)
            ? $result
            : $check->clearResult()->id;
    }

    public function wasMisread(): bool
    {
        return $this->misread;
    }

    public function act(string $act, array $on): void
    {
        foreach ($this->stories as $story) {
            $story->act($act, $on, $this->draw);
        }
    }

    public function fit(string $part): void
    {
        $this->move($part);
        foreach ($this->stories as $story) {
            $story->isOver = $story->isOver || $story->isReplacedBy($part);
        }
        $this->bad["new {$part}"] = $this->draw->happens(self::NEW_IS_BAD);
    }

    public function atOwner(SetUp $setUp): string
    {
        return $this->comesTo($setUp)[0];
    }

    public function isSound(): bool
    {
        $isOver = array_filter($this->stories, static fn (Story $story): bool => ! $story->isOver) === [];

        return $isOver && array_filter(
            $this->bad,
            static fn (bool $bad, string $what): bool => $bad && str_starts_with($what, 'new '),
            ARRAY_FILTER_USE_BOTH,
        ) === [];
    }

    public function atFault(): array
    {
        return array_fill_keys(array_column($this->stories, 'part'), true);
    }

    public function causes(): array
    {
        return array_map(static fn (Story $story): array => [$story->tale->story, $story->part], $this->stories);
    }

    public function usualRepair(string $fault): string
    {
        $tales = array_map(static fn (Story $story): Tale => $story->tale, $this->stories);

        return array_column($tales, null, 'story')[$fault]->usualRepair();
    }

    public function harms(): float
    {
        return 0.0;
    }

    private function move(string $part): void
    {
        foreach ($this->stories as $story) {
            $story->moved($part, $this->draw);
        }
    }

    /** @return array{string, ?Story, string} the least far of all that shows, the story that stops it there, and else what is lacking */
    private function comesTo(SetUp $setUp): array
    {
        [$least, $lacking] = $this->asBuilt($setUp);
        $by = null;
        foreach ($this->stories as $story) {
            $shown = $story->shows($setUp, $this->machine, $this->draw);
            if ($shown !== null && self::comesFirst($shown, $story, $least, $lacking)) {
                [$least, $by] = [$shown, $story];
            }
        }

        return [$least, $by, $lacking];
    }

    /** Whether a story stops a start before what is lacking, or another story, does. */
    private static function comesFirst(string $shown, Story $story, string $least, string $lacking): bool
    {
        $isAsFar = $shown === $least && $lacking !== '' && $lacking !== 'processor' && in_array($story->tale->part, self::EARLY, true);

        return $isAsFar || array_search($shown, self::OUTCOMES, true) < array_search($least, self::OUTCOMES, true);
    }

    /** @return array{string, string} how far it gets for what is out, or for a lent or new part that is bad, and which that is */
    private function asBuilt(SetUp $setUp): array
    {
        foreach ($this->bad as $what => $bad) {
            [$tag, $part] = explode(' ', $what);
            $isIn = $tag === 'new' ? $setUp->hasOwn($part) : ($setUp->lent[$part]->tag ?? '') === $tag;
            if ($bad && $isIn) {
                $kind = explode('-', $part)[0];

                return [['supply' => 'nothing', 'drive' => 'no-drive'][$kind] ?? 'dark', $kind];
            }
        }
        $sticks = array_filter($this->machine->ofKind('stick'), fn ($stick): bool => ! $setUp->isOut($stick->id));
        $noPicture = $setUp->isOut('card') && ! $this->machine->facts['own_graphics'];
        $drives = array_filter($this->machine->ofKind('drive'), fn ($drive): bool => ! $setUp->isOut($drive->id));

        return match (true) {
            $setUp->isOut('supply') => ['nothing', 'supply'],
            $setUp->isOut('processor') => ['dark', 'processor'],
            $sticks === [] => ['dark', 'stick'],
            $noPicture => ['dark', 'card'],
            $drives === [] => ['no-drive', 'drive'],
            default => ['stays', ''],
        };
    }
}
