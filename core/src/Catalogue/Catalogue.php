<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Catalogue\Economy\EconomyData;
use Orthoscope\Core\Catalogue\Proving\ProvingData;
use Orthoscope\Core\Catalogue\Shelf\ShelfData;
use Orthoscope\Core\Codes\Codebook;
use Orthoscope\Core\Codes\CodeKind;
use Orthoscope\Core\Codes\CodeMeaning;
use Orthoscope\Core\Electrical\Meter;
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
    private const FILES = ['stages', 'numbers', 'parts', 'faults', 'signs', 'checks', 'limits', 'acts', 'steps', 'locks', 'schools', 'questions', 'guides', 'codes', 'shelf', 'economy', 'proving', 'supplier', 'messages'];

    /** @var list<string> stage ids in order */
    public readonly array $stageIds;

    /** @var array<string, array{id: string, name: string, plain: string}> */
    public readonly array $stages;

    /** @var array<string, Reach> */
    public readonly array $reaches;

    /** @var array<string, PartKind> */
    public readonly array $parts;

    /** @var array<string, Fault> */
    public readonly array $faults;

    /** @var array<string, list<array<string, mixed>>> */
    public readonly array $shows;

    /** @var list<array{id: string, shows: string, share: float, name: string, plain: string, times?: array<string, float>}> conditions under which alone any part may fail */
    public readonly array $onlyUnder;

    /** @var array<string, Event> */
    public readonly array $events;

    /** @var array<string, Event> what was done earlier, and how it went */
    public readonly array $history;

    /** @var array<string, Event> */
    public readonly array $marks;

    /** @var list<array{first: string, second: string, given: float}> */
    public readonly array $couplings;

    /** @var array<string, SignChannel> */
    public readonly array $signs;

    /** @var array<string, Check> */
    public readonly array $checks;

    /** @var array<string, array<string, mixed>> */
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

    /** @var array<string, array{part: string, steps: list<string>, caution?: string}> kind of part => how an owner fits it */
    public readonly array $guides;

    /** Origins and proofs of spares, how they wear, which facts decide fit. */
    public readonly ShelfData $shelf;

    /** What ways on cost. */
    public readonly EconomyData $economy;

    /** What is proved before a machine goes back. */
    public readonly ProvingData $proving;

    /** @var array<string, Template> words to owners by moment */
    public readonly array $messages;

    /** @var array<string, mixed> what the simulated suppliers have */
    public readonly array $supplier;

    /** What codes mean on any board. */
    public readonly Codebook $codes;

    /** @var list<string> kinds of part moved when the machine is taken out of its case */
    public readonly array $benchDisturbs;

    /** @var array<string, float> */
    private readonly array $numbers;

    /** @param  array<string, array<string, mixed>>  $files parsed files by name, without extension */
    public function __construct(private readonly array $files)
    {
        $this->stages = array_column($files['stages']['stages'], null, 'id');
        $this->stageIds = array_column($files['stages']['stages'], 'id');
        $this->reaches = $this->reaches($files['stages']['reaches']);
        $this->numbers = array_map(fn (array $number): float => (float) $number['value'], $files['numbers']['numbers']);
        $this->parts = self::each($files['parts']['parts'], PartKind::fromArray(...));
        $this->benchDisturbs = $files['parts']['bench_disturbs'];
        $this->faults = self::each($files['faults']['faults'], Fault::fromArray(...));
        $this->shows = $files['faults']['shows'];
        $this->onlyUnder = $files['faults']['only_under'];
        $this->events = self::each($files['faults']['events'], Event::fromArray(...));
        $this->history = self::each($files['faults']['history'], Event::fromArray(...));
        $this->marks = self::each($files['locks']['marks'], Event::fromArray(...));
        $this->couplings = $files['faults']['couplings'];
        $this->signs = self::each($files['signs']['signs'], SignChannel::fromArray(...));
        $this->checks = self::each($files['checks']['checks'], Check::fromArray(...));
        $this->limits = array_column($files['limits']['limits'], null, 'id');
        $this->meter = Meter::fromRows($files['limits']['meters']);
        $this->doubts = self::each($files['checks']['doubts'], Doubt::fromArray(...));
        $this->acts = self::each($files['acts']['acts'], Act::fromArray(...));
        $this->steps = self::each($files['steps']['steps'], Step::fromArray(...));
        $this->locks = self::each($files['locks']['locks'], Lock::fromArray(...));
        $this->schools = self::each($files['schools']['schools'], School::fromArray(...));
        $this->guides = array_column($files['guides']['guides'], null, 'part');
        $this->shelf = ShelfData::fromFile($files['shelf']);
        $this->proving = ProvingData::fromFile($files['proving']);
        $this->messages = self::each($files['messages']['messages'], Template::fromArray(...));
        $this->supplier = $files['supplier'];
        $this->economy = EconomyData::fromFile($files['economy']);
        $this->codes = new Codebook(array_map(fn (array $row): CodeMeaning => new CodeMeaning(
            CodeKind::from($row['kind']), '', (string) $row['from'], (string) ($row['to'] ?? $row['from']), $row['value'], $row['words'], $row['source'], (float) $row['reliability'],
        ), $files['codes']['codes']));
        $this->questions = self::each($files['questions']['questions'], Question::fromArray(...));
    }

    /** The catalogue that ships with the program. */
    public static function shipped(): self
    {
        return new self(self::read(dirname(__DIR__, 2).'/catalogue'));
    }

    /**
     * The files of a catalogue folder, parsed but not yet understood; parsing is the slow half, so a caller may keep this.
     *
     * @return array<string, array<string, mixed>>
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
     * @param  array<string, array<string, mixed>>  $files
     */
    public function with(array $files): self
    {
        return new self(array_replace($this->files, $files));
    }

    /** @return array<string, array<string, mixed>> */
    public function files(): array
    {
        return $this->files;
    }

    public function number(string $id): float
    {
        return $this->numbers[$id] ?? throw CatalogueMistake::unknown('number', $id, array_keys($this->numbers));
    }

    public function part(string $kind): PartKind
    {
        return $this->parts[$kind] ?? throw CatalogueMistake::unknown('kind of part', $kind, array_keys($this->parts));
    }

    public function fault(string $id): Fault
    {
        return $this->faults[$id] ?? throw CatalogueMistake::unknown('fault', $id, array_keys($this->faults));
    }

    public function act(string $id): Act
    {
        return $this->acts[$id] ?? throw CatalogueMistake::unknown('act', $id, array_keys($this->acts));
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
        return array_values(array_filter($this->reaches, fn (Reach $reach): bool => ! $reach->isOpenEnded()));
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

    /**
     * @param  list<array<string, string>>  $rows
     *
     * @return array<string, Reach>
     */
    private function reaches(array $rows): array
    {
        $reaches = [];
        foreach ($rows as $row) {
            $from = $row['from'] === 'none' ? -1 : $this->stageIndex($row['from']);
            $reaches[$row['id']] = new Reach($row['id'], $row['name'], $row['plain'], $row['key'], $from + 1, $this->stageIndex($row['to']) + 1);
        }

        return $reaches;
    }

    /**
     * @template T of object
     *
     * @param  list<array<string, mixed>>  $rows
     * @param  callable(array<string, mixed>): T  $make
     *
     * @return array<string, T>
     */
    private static function each(array $rows, callable $make): array
    {
        $made = [];
        foreach ($rows as $row) {
            $made[$row['id']] = $make($row);
        }

        return $made;
    }
}
