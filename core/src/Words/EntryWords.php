<?php

declare(strict_types=1);

namespace Orthoscope\Core\Words;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Codes\Beeps;
use Orthoscope\Core\Electrical\Judgement;
use Orthoscope\Core\Electrical\Quantity;
use Orthoscope\Core\Electrical\RailOrder;
use Orthoscope\Core\Electrical\RailState;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Agreement;
use Orthoscope\Core\Evidence\Answer;
use Orthoscope\Core\Evidence\Closing;
use Orthoscope\Core\Evidence\Collection;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\OthersTrial;
use Orthoscope\Core\Evidence\Override;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Evidence\StrikeOut;
use Orthoscope\Core\Evidence\Tally;
use Orthoscope\Core\Plain\Listed;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;

/** Says entries in the words of the bench. */
final readonly class EntryWords
{
    /** A reading less sure than this is said to be so. */
    private const SURE = 0.99;

    public function __construct(private Machine $machine, private Catalogue $catalogue)
    {
    }

    /** What was done: the head of an entry. */
    public function what(Entry $entry): string
    {
        return match (true) {
            $entry instanceof Report => 'told',
            $entry instanceof Answer => 'asked: '.$this->catalogue->question($entry->question)->ask,
            $entry instanceof OthersTrial => 'tried by '.OthersTrial::BY[$entry->who].': '.$this->trial($entry),
            $entry instanceof Start => $this->setUp($entry->setUp),
            $entry instanceof Finding => ($entry->target === null ? '' : $this->machine->part($entry->target)->name.': ').
                $this->catalogue->check($entry->check)->name.
                ($entry->host->tag === Finding::ANY_HOST ? '' : " {$entry->host->tag}").
                ($entry->hostSaid->words() === '' ? '' : " ({$entry->hostSaid->words()})").
                ($entry->also === [] ? '' : ', with '.$this->parts($entry->also, short: true)),
            $entry instanceof ActDone => str_replace('{part}', $this->parts($entry->on), $this->catalogue->act($entry->act)->did).
                ($entry->with === null || $entry->with->tag === 'new' ? '' : " with {$entry->with->tag}").
                ($entry->begun ? ', begun' : ''),
            $entry instanceof StrikeOut => "struck out entry {$entry->entry}",
            $entry instanceof Override => 'lock set aside: '.$this->catalogue->locks[$entry->lock]->name,
            $entry instanceof Tally => ($entry->way === Tally::OFF ? 'off: ' : 'back: ').
                ($entry->count > 1 ? "{$entry->count} " : '').
                Tally::KINDS[$entry->what].
                ' '.
                $entry->item,
            $entry instanceof Closing => 'closed',
            $entry instanceof Agreement => Agreement::ANSWERS[$entry->answer],
            $entry instanceof Collection => 'collected',
            default => 'note',
        };
    }

    /** What came of it. */
    public function outcome(Entry $entry): string
    {
        return match (true) {
            $entry instanceof Report => $this->joined([
                $entry->when ?? '',
                $entry->reached === null ? '' : $this->catalogue->reach($entry->reached)->name,
                $entry->manner?->words() ?? '',
                ...$this->signs($entry->signs),
                ...array_map(fn (string $event): string => $this->catalogue->events[$event]->name, array_diff($entry->events, ['none'])),
                ...array_map(fn (string $act): string => $this->catalogue->history[$act]->name, $entry->history),
                ...array_map(fn (string $mark): string => $this->catalogue->marks[$mark]->name, $entry->marks),
            ]),
            $entry instanceof Answer => $this->catalogue->question($entry->question)->words($entry->answer),
            $entry instanceof OthersTrial => $this->joined([
                $this->catalogue->reach($entry->reached)->name.($entry->times > 1 ? " ({$entry->times} times)" : ''),
                ...$this->signs($entry->signs),
            ]),
            $entry instanceof Start => $this->joined([
                $this->outcomes($entry),
                ...$this->codes($entry),
                ...$this->signs($entry->signs),
                $entry->ended === null || $entry->ended === 'held' ? '' : Start::ENDS[$entry->ended],
                $entry->waited === null ? '' : "waited {$entry->waited} s",
                $entry->degrees === null ? '' : 'at '.round($entry->degrees, 1).' °C',
            ]),
            $entry instanceof ActDone => $this->afterwards($entry),
            $entry instanceof Closing => $entry->outcome === 'repaired' ? '' : Closing::OUTCOMES[$entry->outcome],
            $entry instanceof Agreement => trim(
                "{$entry->variant} ".($entry->amount > 0 ? $this->catalogue->economy->currency->amount($entry->amount) : ''),
            ),
            $entry instanceof Collection => $this->joined([
                Collection::METHODS[$entry->method],
                $entry->amount > 0 ? $this->catalogue->economy->currency->amount($entry->amount) : '',
                implode(', ', $entry->with),
            ]),
            $entry instanceof Finding => ($entry->which === [] ? '' : $this->parts($entry->which, short: true).': ').
                $this->spots($entry).
                $this->catalogue->check($entry->check)->result($entry->result)->name.
                $this->values($entry).
                $this->reservations($entry),
            default => '',
        };
    }

    private function spots(Finding $finding): string
    {
        $drawing = $this->catalogue->drawings[$this->catalogue->check($finding->check)->drawing ?? ''] ?? null;
        $names = array_map(fn (string $spot): string => $drawing->spots[$spot]->name ?? $spot, $finding->spots);

        return $names === [] ? '' : implode('; ', $names).': ';
    }

    /** What became of the old part, what was used in place of what was asked for, and what is still to be done. */
    private function afterwards(ActDone $act): string
    {
        $ohms = fn (float $value): string => rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');

        return $this->joined([
            $act->old === null ? '' : 'old part '.ActDone::FATES[$act->old],
            $act->deviation === null
                ? ''
                : "{$ohms($act->deviation['used'])} ohms used where {$ohms($act->deviation['asked'])} were asked".
                    ($act->deviation['used'] === $act->deviation['asked'] ? '' : ': a deviation'),
            $act->temporary === '' ? '' : "only for now: {$act->temporary}",
        ]);
    }

    private function outcomes(Start $start): string
    {
        if (count($start->outcomes) === 1) {
            return $this->catalogue->reach($start->reached)->name.($start->times > 1 ? " ({$start->times} times)" : '');
        }
        $words = [];
        foreach ($start->outcomes as $reached => $times) {
            $words[] = "{$this->catalogue->reach($reached)->name} {$times} of {$start->times}";
        }

        return implode(', ', $words);
    }

    /** How others had put it together, in a few words; what is theirs wherever it is tried away from home goes without saying. */
    private function trial(OthersTrial $trial): string
    {
        $lent = array_map(fn (string $part): string => "another for {$this->machine->part($part)->name}", $trial->theirs);
        $rest = $this->setUp($trial->setUp->withoutLent());
        $words = $this->joined([...$lent, $rest === 'as it came' && $lent !== [] ? '' : $rest]);

        return $this->joined([$words, $trial->where === OthersTrial::ELSEWHERE ? 'elsewhere' : 'at home']);
    }

    /** How a machine is put together, in a few words. */
    public function setUp(SetUp $setUp): string
    {
        $words = [];
        foreach ($setUp->lent as $part => $lent) {
            $words[] = "{$lent->tag} for {$this->machine->part($part)->name}";
        }
        foreach ($setUp->moved as $stick => $slot) {
            $words[] =
                $this->machine->part($stick)->name.
                ($slot === SetUp::OTHER_SLOT
                    ? ($this->machine->part($stick)->kind->id === 'drive'
                        ? ' on another port'
                        : ' in another slot')
                    : ' in '.$this->machine->part($slot)->name);
        }
        if ($setUp->out !== []) {
            $words[] = $this->parts($setUp->out, short: true).' out';
        }
        if ($setUp->startBy === StartBy::Pins) {
            $words[] = 'by the pins';
        }
        if ($setUp->otherOutput) {
            $words[] = 'screen on another output';
        }
        if ($setUp->goal === Goal::Load || $setUp->goal === Goal::Hours) {
            $words[] = $setUp->goal === Goal::Load ? 'long run at work' : 'run for hours';
        }
        if ($setUp->temperature !== null) {
            $words[] = $setUp->temperature->value;
        }
        if ($setUp->basicDriver) {
            $words[] = 'basic driver';
        }
        if ($setUp->otherDriver !== null) {
            $words[] = $setUp->otherDriver === '' ? 'another driver' : "driver {$setUp->otherDriver}";
        }
        if ($setUp->lowClocks) {
            $words[] = 'lower clocks';
        }
        foreach ($setUp->attached as $tool) {
            $words[] = SetUp::TOOLS[$tool].' attached';
        }
        if ($setUp->place === Place::Bench) {
            $words[] = 'out of the case';
        }

        return $words === [] ? 'as it came' : implode(', ', $words);
    }

    /** @param  list<string>  $ids */
    private function parts(array $ids, bool $short = false): string
    {
        return Listed::of(
            array_map(
                fn (string $id): string => $short ? $this->machine->part($id)->name : $this->machine->part($id)->inSentence(),
                $ids,
            ),
        );
    }

    /**
     * @param  array<string, string>  $signs
     *
     * @return list<string>
     */
    private function signs(array $signs): array
    {
        return array_map(
            fn (string $channel, string $value): string => $this->catalogue->sign($channel)->values[$value],
            array_keys($signs),
            $signs,
        );
    }

    /** @return list<string> */
    private function codes(Start $start): array
    {
        return array_map(
            fn (string $kind, string $code): string => match ($kind) {
                'beeps' => 'beeps '.Beeps::words($code),
                'display' => "code {$code}",
                default => "lamp {$code}",
            },
            array_keys($start->codes),
            $start->codes,
        );
    }

    /** What was marked, what was taken as up, and what makes it be believed less. */
    private function reservations(Finding $finding): string
    {
        $check = $this->catalogue->check($finding->check);
        $words = $finding->contacts === null || $finding->contacts->contacts === [] ? '' : ': '.$finding->contacts->words();
        $order = $check->limit === null ? [] : $this->catalogue->limits[$check->limit]->order;
        if ($order !== [] && $finding->values !== []) {
            $judged = Judgement::of($this->catalogue->limits[(string) $check->limit], $finding->values)->judged;
            $states = RailOrder::states($order, $judged, ($finding->checked['plugs'] ?? '') === 'yes');
            $names = array_column($this->catalogue->limits[(string) $check->limit]->values, 'name', 'id');
            foreach (array_filter($states, fn (RailState $state): bool => $state === RailState::TakenAsUp) as $rail => $state) {
                $words .= ", {$names[$rail]} {$state->value}: a later one is, with every plug in";
            }
        }
        if ($finding->sureness < self::SURE) {
            $words .= sprintf(', within what the meter may be off: %d %% sure', (int) round(100 * $finding->sureness));
        }

        return $words.
            ($finding->believed < 1.0 ? sprintf(', believed %d %% by its set-up', (int) round(100 * $finding->believed)) : '');
    }

    private function values(Finding $finding): string
    {
        if ($finding->values === []) {
            return '';
        }
        $limit = $this->catalogue->limits[(string) $this->catalogue->check($finding->check)->limit];
        $words = [];
        foreach ($limit->values as $row) {
            if (isset($finding->values[$row->id])) {
                $words[] = sprintf(
                    '%s %s %s',
                    $row->name,
                    rtrim(rtrim(number_format($finding->values[$row->id], 2, '.', ''), '0'), '.'),
                    Quantity::sign($row->unit),
                );
            }
        }

        return ' ('.implode(', ', $words).')';
    }

    /** @param  list<string>  $words */
    private function joined(array $words): string
    {
        return implode(', ', array_filter($words, fn (string $word): bool => $word !== ''));
    }
}
