<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Catalogue\Economy\EconomyData;
use Orthoscope\Core\Catalogue\Proving\ProvingData;
use Orthoscope\Core\Catalogue\Shelf\ShelfData;
use Orthoscope\Core\Catalogue\Supplier\SupplierData;
use Orthoscope\Core\Codes\Codebook;
use Orthoscope\Core\Codes\CodeKind;
use Orthoscope\Core\Codes\CodeMeaning;
use Orthoscope\Core\Electrical\Limit;
use Orthoscope\Core\Electrical\Meter;
use Orthoscope\Core\Electrical\Sizing\Draws;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Plain\UnreadableRow;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/**
 * Everything the adviser knows of desktops before it meets one: stages, parts, faults, signs, checks, acts, steps, locks, questions.
 *
 * It is data (`core/catalogue/*.yaml`); this class only makes it speakable. All lookups fail with a
 * {@see CatalogueMistake} that names the nearest known word.
 */
final class Catalogue
{
    private const FILES = [
        'stages',
        'numbers',
        'parts',
        'faults',
        'signs',
        'checks',
        'drawings',
        'limits',
        'acts',
        'steps',
        'locks',
        'schools',
        'questions',
        'heard',
        'guides',
        'codes',
        'shelf',
        'economy',
        'proving',
        'supplier',
        'messages',
        'texts',
    ];

    private static ?self $shipped = null;

    /** @var list<string> stage ids in order */
    public readonly array $stageIds;

    /** @var array<string, Stage> */
    public readonly array $stages;

    /** @var array<string, Reach> */
    public readonly array $reaches;

    /** @var array<string, PartKind> */
    public readonly array $parts;

    /** @var array<string, Fault> */
    public readonly array $faults;

    /** @var array<string, list<Showing>> manner of showing => the ways it turns out */
    public readonly array $shows;

    /** @var list<Condition> conditions under which alone any part may fail */
    public readonly array $onlyUnder;

    /** @var array<string, Event> */
    public readonly array $events;

    /** @var array<string, Event> what was done earlier, and how it went */
    public readonly array $history;

    /** @var array<string, Event> */
    public readonly array $marks;

    /** @var list<Coupling> */
    public readonly array $couplings;

    /** @var array<string, SignChannel> */
    public readonly array $signs;

    /** @var array<string, Check> */
    public readonly array $checks;

    /** @var array<string, Drawing> on which is picked where something was found */
    public readonly array $drawings;

    /** @var array<string, Limit> */
    public readonly array $limits;

    /** What readings are made with where nothing better is known. */
    public readonly Meter $meter;

    /** @var array<string, Doubt> questions about the set-up of a reading */
    public readonly array $doubts;

    /** @var array<string, Act> */
    public readonly array $acts;

    /** @var array<string, Step> */
    public readonly array $steps;

    /** @var array<string, Lock> */
    public readonly array $locks;

    /** @var array<string, School> */
    public readonly array $schools;

    /** @var array<string, Question> in the order they are asked where nobody thinks ahead */
    public readonly array $questions;

    /** @var list<HeardWords> what owners say, and what it may mean */
    public readonly array $heard;

    /** @var array<string, Guide> kind of part => how an owner fits it */
    public readonly array $guides;

    /** Origins and proofs of spares, how they wear, which facts decide fit. */
    public readonly ShelfData $shelf;

    /** What ways on cost. */
    public readonly EconomyData $economy;

    /** What is proved before a machine goes back. */
    public readonly ProvingData $proving;

    /** @var array<string, Template> words to owners by moment */
    public readonly array $messages;

    /** @var array<string, ShopText> words of the shop on its papers */
    public readonly array $texts;

    /** What the simulated suppliers have. */
    public readonly SupplierData $supplier;

    /** What codes mean on any board. */
    public readonly Codebook $codes;

    /** @var list<string> kinds of part moved when the machine is taken out of its case */
    public readonly array $benchDisturbs;

    public readonly TakenOutFor $takenOutFor;

    /** @var array<string, Number> */
    public readonly array $numbers;

    /**
     * @param  array<string, mixed>  $files parsed files by name, without extension
     *
     * @throws UnreadableRow that names file, row and field
     */
    public function __construct(private readonly array $files)
    {
        $file = fn (string $name): Row => Row::of($files[$name] ?? null, "{$name}.yaml");
        [$stages, $parts, $faults, $checks, $limits] = array_map($file, ['stages', 'parts', 'faults', 'checks', 'limits']);
        $numbers = $file('numbers')->rowByName('numbers');
        $this->numbers = array_combine(array_keys($numbers), array_map(Number::fromRow(...), array_keys($numbers), $numbers));
        $this->stages = self::each($stages->rows('stages'), Stage::fromRow(...));
        $this->stageIds = array_keys($this->stages);
        $this->reaches = self::each($stages->rows('reaches'), $this->readReach(...));
        $this->parts = self::each($parts->rows('parts'), PartKind::fromRow(...));
        $this->benchDisturbs = $parts->texts('bench_disturbs');
        $this->takenOutFor = TakenOutFor::fromRow($parts->row('taken_out_for'));
        $this->faults = self::each($faults->rows('faults'), Fault::fromRow(...));
        $this->shows = $this->showings($faults->row('shows'));
        $this->onlyUnder = array_map(Condition::fromRow(...), $faults->rows('only_under'));
        $this->events = self::each($faults->rows('events'), Event::fromRow(...));
        $this->history = self::each($faults->rows('history'), Event::fromRow(...));
        $this->couplings = array_map(Coupling::fromRow(...), $faults->rows('couplings'));
        $this->marks = self::each($file('locks')->rows('marks'), Event::fromRow(...));
        $this->locks = self::each($file('locks')->rows('locks'), Lock::fromRow(...));
        $this->signs = self::each($file('signs')->rows('signs'), SignChannel::fromRow(...));
        $this->checks = self::each($checks->rows('checks'), Check::fromRow(...));
        $this->drawings = self::each($file('drawings')->rows('drawings'), Drawing::fromRow(...));
        $this->doubts = self::each($checks->rows('doubts'), Doubt::fromRow(...));
        $this->limits = self::each($limits->rows('limits'), Limit::fromRow(...));
        $this->meter = Meter::fromRows($limits->rows('meters'));
        $this->acts = self::each($file('acts')->rows('acts'), Act::fromRow(...));
        $this->steps = self::each($file('steps')->rows('steps'), Step::fromRow(...));
        $this->schools = self::each($file('schools')->rows('schools'), School::fromRow(...));
        $this->questions = self::each($file('questions')->rows('questions'), Question::fromRow(...));
        $this->heard = array_map(HeardWords::fromRow(...), $file('heard')->rows('heard'));
        $this->guides = array_column(array_map(Guide::fromRow(...), $file('guides')->rows('guides')), null, 'part');
        $this->messages = self::each($file('messages')->rows('messages'), Template::fromRow(...));
        $this->texts = self::each($file('texts')->rows('texts'), ShopText::fromRow(...));
        $this->codes = new Codebook(array_map(self::code(...), $file('codes')->rows('codes')));
        $this->shelf = ShelfData::fromFile($file('shelf'));
        $this->economy = EconomyData::fromFile($file('economy'));
        $this->proving = ProvingData::fromFile($file('proving'));
        $this->supplier = SupplierData::fromFile($file('supplier'));
    }

    /** The catalogue that ships with the program, read once: its files are part of it. */
    public static function shipped(): self
    {
        return self::$shipped ??= new self(self::read(dirname(__DIR__, 2).'/catalogue'));
    }

    /**
     * The files of a catalogue folder, parsed but not yet understood; parsing is the slow half, so a caller may keep this.
     *
     * @return array<string, mixed>
     */
    public static function read(string $folder): array
    {
        $files = [];
        foreach (self::FILES as $name) {
            $path = "{$folder}/{$name}.yaml";
            try {
                $files[$name] = Yaml::parseFile($path);
            } catch (ParseException $mistake) {
                throw CatalogueMistake::unreadable("{$name}.yaml", $mistake->getMessage());
            }
        }

        return $files;
    }

    /**
     * The same catalogue with other files in place of some.
     *
     * @param  array<string, mixed>  $files
     */
    public function with(array $files): self
    {
        return new self(array_replace($this->files, $files));
    }

    /**
     * The same catalogue with other numbers.
     *
     * @param  array<string, float>  $priors  fault => jobs in a thousand
     * @param  array<string, float>  $arises  fault => chance that moving the part brings it about
     * @param  array<string, float>  $numbers number of the model => value
     */
    public function withNumbers(array $priors = [], array $arises = [], array $numbers = []): self
    {
        $faults = Row::of($this->files['faults'], 'faults.yaml');
        $others = Row::of($this->files['numbers'], 'numbers.yaml');
        $changed = function (Row $row) use ($priors, $arises): array {
            $id = $row->text('id');
            $new = array_filter(
                ['prior' => $priors[$id] ?? null, 'arises' => $arises[$id] ?? null],
                fn (?float $number): bool => $number !== null,
            );

            return $new + $row->all();
        };

        $rows = array_map(fn (Row $number): array => $number->all(), $others->rowByName('numbers'));
        foreach ($numbers as $id => $value) {
            $rows[$id] = ['value' => $value] + ($rows[$id] ?? throw CatalogueMistake::unknown('number', $id, array_keys($rows)));
        }

        return $this->with([
            'faults' => ['faults' => array_map($changed, $faults->rows('faults'))] + $faults->all(),
            'numbers' => ['numbers' => $rows] + $others->all(),
        ]);
    }

    /** @return array<string, mixed> as they were parsed */
    public function files(): array
    {
        return $this->files;
    }

    public function number(string $id): float
    {
        return ($this->numbers[$id] ?? throw CatalogueMistake::unknown('number', $id, array_keys($this->numbers)))->value;
    }

    /** What parts draw whose labels nobody has read. */
    public function draws(): Draws
    {
        return new Draws(
            processor: $this->number('draws_processor'),
            board: $this->number('draws_board'),
            stick: $this->number('draws_stick'),
            drive: $this->number('draws_drive'),
            fan: $this->number('draws_fan'),
            fans: (int) $this->number('fans'),
            cardPeak: $this->number('card_peak'),
            processorPeak: $this->number('processor_peak'),
        );
    }

    /** Whether a start that got so far did not go all the way. */
    public function isFailure(string $reached): bool
    {
        return $this->reach($reached)->firstStop < $this->stageCount();
    }

    public function part(string $kind): PartKind
    {
        return $this->parts[$kind] ?? throw CatalogueMistake::unknown('kind of part', $kind, array_keys($this->parts));
    }

    /** @return list<PartKind> kinds that people of the trade call so, as PSU or motherboard */
    public function partsCalled(string $typed): array
    {
        return array_values(array_filter($this->parts, fn (PartKind $kind): bool => $kind->isCalled($typed)));
    }

    public function fault(string $id): Fault
    {
        return $this->faults[$id] ?? throw CatalogueMistake::unknown('fault', $id, array_keys($this->faults));
    }

    public function act(string $id): Act
    {
        return $this->acts[$id] ?? throw CatalogueMistake::unknown('act', $id, array_keys($this->acts));
    }

    /** The look at a part of a kind in a known-good machine; null where there is none. */
    public function hostCheckOf(string $kind): ?Check
    {
        foreach ($this->checks as $check) {
            if ($check->host && $check->target === $kind) {
                return $check;
            }
        }

        return null;
    }

    public function check(string $id): Check
    {
        return $this->checks[$id] ?? throw CatalogueMistake::unknown('look or reading', $id, array_keys($this->checks));
    }

    public function sign(string $id): SignChannel
    {
        return $this->signs[$id] ?? throw CatalogueMistake::unknown('sign', $id, array_keys($this->signs));
    }

    public function reach(string $id): Reach
    {
        return $this->reaches[$id] ?? throw CatalogueMistake::unknown('outcome of a start', $id, array_keys($this->reaches));
    }

    public function question(string $id): Question
    {
        return $this->questions[$id] ?? throw CatalogueMistake::unknown('question', $id, array_keys($this->questions));
    }

    /**
     * What mends what a look or a reading has found: the usual repair of each fault it shows, the likeliest first.
     *
     * @return list<array{act: Act, part: PartKind}>
     */
    public function repairsFor(string $check, string $result): array
    {
        $worth = $repairs = [];
        foreach ($this->check($check)->result($result)->shows as $fault => $share) {
            $repair = $this->fault($fault)->usualRepair();
            $key = "{$repair} {$this->fault($fault)->part}";
            $worth[$key] = ($worth[$key] ?? 0.0) + $share * $this->fault($fault)->prior;
            $repairs[$key] = ['act' => $this->act($repair), 'part' => $this->part($this->fault($fault)->part)];
        }
        arsort($worth);

        return array_map(fn (string $key): array => $repairs[$key], array_keys($worth));
    }

    /** Place of a stage in the chain, from 0; "none" is one past the last. */
    public function stageIndex(string $id): int
    {
        if ($id === 'none') {
            return count($this->stageIds);
        }
        $index = array_search($id, $this->stageIds, true);

        return $index === false ? throw CatalogueMistake::unknown('stage', $id, $this->stageIds) : $index;
    }

    /**
     * Outcomes that no other one splits more finely.
     *
     * @return non-empty-list<Reach>
     */
    public function closedReaches(): array
    {
        $closed = array_values(array_filter($this->reaches, fn (Reach $reach): bool => ! $reach->isOpenEnded()));

        return $closed === [] ? throw CatalogueMistake::unreadable('stages.yaml', 'it names no outcome of a start.') : $closed;
    }

    /** What is seen of a start that stops at a stage. */
    public function reachAt(int $stop): Reach
    {
        foreach ($this->closedReaches() as $reach) {
            if ($reach->covers($stop)) {
                return $reach;
            }
        }
        throw CatalogueMistake::unknown('stage', (string) $stop, $this->stageIds);
    }

    /** The stage at a stop, or "none" where nothing stops the start. */
    public function stopId(int $stop): string
    {
        return $this->stageIds[$stop] ?? 'none';
    }

    public function stageCount(): int
    {
        return count($this->stageIds);
    }

    private function readReach(Row $row): Reach
    {
        $from = $row->text('from');
        $first = $from === 'none' ? -1 : $this->stageIndex($from);
        $last = $this->stageIndex($row->text('to'));

        return new Reach($row->text('id'), $row->text('name'), $row->text('plain'), $row->text('key'), $first + 1, $last + 1);
    }

    /** @return array<string, list<Showing>> */
    private function showings(Row $shows): array
    {
        $hard = $this->number('hard_hazard');
        $showings = [];
        foreach ($shows->keys() as $manner) {
            $showings[$manner] = array_map(fn (Row $row): Showing => Showing::fromRow($row, $hard), $shows->rows($manner));
        }

        return $showings;
    }

    private static function code(Row $row): CodeMeaning
    {
        return new CodeMeaning(
            kind: CodeKind::from($row->text('kind')),
            for: '',
            from: $row->text('from'),
            to: $row->text('to', $row->text('from')),
            value: $row->text('value'),
            words: $row->text('words'),
            source: $row->text('source'),
            reliability: $row->number('reliability'),
        );
    }

    /**
     * @template T of object
     *
     * @param  list<Row>  $rows
     * @param  callable(Row): T  $make
     *
     * @return array<string, T> by id
     */
    private static function each(array $rows, callable $make): array
    {
        $made = [];
        foreach ($rows as $row) {
            $made[$row->text('id')] = $make($row);
        }

        return $made;
    }
}
