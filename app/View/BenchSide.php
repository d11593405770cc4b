<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Reading;
use App\UseCases\Shop\BenchNow;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\StillOff;
use Orthoscope\Core\Bench\Timer;
use Orthoscope\Core\Bench\Timers;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Codes\CodeMeaning;
use Orthoscope\Core\Electrical\Quantity;
use Orthoscope\Core\HandBack\Progress;
use Orthoscope\Core\SetUp\SetUp;

/** What lies around a job on the bench: timers, what is off, readings that were sent, the drawing of slots and outputs. */
final class BenchSide
{
    public function __construct(
        private readonly Assessment $assessment,
        private readonly Catalogue $catalogue,
        private readonly BenchNow $now,
    ) {
    }

    /** @return list<Timer> those that run now */
    public function timers(): array
    {
        $timers = Timers::of($this->assessment->record, $this->catalogue, Progress::wantsCold($this->assessment));

        return array_values(
            array_filter($timers, fn (Timer $timer): bool => $timer->until > new DateTimeImmutable(now()->toIso8601String())),
        );
    }

    /** @return list<StillOff> */
    public function stillOff(): array
    {
        return StillOff::in($this->assessment->record, $this->catalogue);
    }

    /** @return Collection<int, Reading> what instruments sent to the bench this job is on */
    public function readings(): Collection
    {
        return $this->now->readings;
    }

    public function readingWords(Reading $reading): string
    {
        if (isset($reading->body['code'])) {
            return "code {$reading->body['code']}";
        }
        $limit = $this->catalogue->limits[(string) $this->catalogue->check($reading->body['check'])->limit];
        $words = [];
        foreach ($limit->values as $value) {
            $read = $reading->body['values'][$value->id] ?? null;
            if (is_numeric($read)) {
                $words[] = "{$value->name} {$read} ".Quantity::sign($value->unit);
            }
        }

        return implode(', ', $words);
    }

    /** What the form is filled with when a reading is taken on the record. */
    public function readingFill(Reading $reading): string
    {
        $fill = ['reading' => (string) $reading->id];
        if (isset($reading->body['code'])) {
            $fill['entry[codes][display]'] = $reading->body['code'];
        } else {
            $fill['entry[check]'] = $reading->body['check'];
            foreach ($reading->body['values'] as $id => $value) {
                $fill["entry[values][{$id}]"] = (string) $value;
            }
        }

        return json_encode($fill, JSON_THROW_ON_ERROR);
    }

    /** @return array<int, ?string> bench => who has it with what, null if it is free */
    public function benches(): array
    {
        return $this->now->benches;
    }

    /** @return list<CodeMeaning> the lamps of this board in their own order */
    public function lamps(): array
    {
        return $this->now->lamps;
    }

    /**
     * Rows of drawn places, and what stands in them; each thing fills the choice below that it belongs to.
     *
     * @return list<array{name: string, bays: array<string, string>, chips: list<array{select: string, home: string, name: string,
     *     short: string}>}>
     */
    public function bays(): array
    {
        $machine = $this->assessment->machine;
        $rows = $this->memory($machine);
        if ($machine->has('card')) {
            $rows[] = [
                'name' => 'Card',
                'bays' => ['own' => 'its slot', 'slot:'.SetUp::OTHER_SLOT => 'another slot', 'out' => 'out'],
                'chips' => [self::chip('u-card', 'own', 'Graphics card', 'card')],
            ];
        }
        if ($machine->has('output')) {
            $rows[] = [
                'name' => 'Screen lead',
                'bays' => ['own' => 'its output', 'other' => 'another output'],
                'chips' => [self::chip('u-output', 'own', 'Screen lead', 'lead')],
            ];
        }
        foreach ($machine->ofKind('drive') as $drive) {
            $rows[] = [
                'name' => $drive->name,
                'bays' => ['own' => 'its port', 'slot:'.SetUp::OTHER_SLOT => 'another port', 'out' => 'out'],
                'chips' => [self::chip("u-{$drive->id}", 'own', $drive->name, 'drive')],
            ];
        }

        return $rows;
    }

    /**
     * @return list<array{name: string, bays: array<string, string>, chips: list<array{select: string, home: string, name: string,
     *     short: string}>}>
     */
    private function memory(Machine $machine): array
    {
        if ($machine->ofKind('slot') === [] || $machine->ofKind('stick') === []) {
            return [];
        }
        $bays = $chips = [];
        foreach ($machine->ofKind('slot') as $slot) {
            $bays["slot:{$slot->id}"] = substr($slot->id, 5);
        }
        foreach ($machine->ofKind('stick') as $stick) {
            $home = 'slot:'.($machine->slots[$stick->id] ?? '');
            $chips[] = self::chip("u-{$stick->id}", $home, $stick->name, (string) preg_replace('/^\D+/', '', $stick->name));
        }

        return [['name' => 'Memory', 'bays' => $bays + ['out' => 'out'], 'chips' => $chips]];
    }

    /** @return array{select: string, home: string, name: string, short: string} a thing that stands in a place and can be moved */
    private static function chip(string $select, string $home, string $name, string $short): array
    {
        return ['select' => $select, 'home' => $home, 'name' => $name, 'short' => $short];
    }
}
