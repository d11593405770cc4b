<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Practice;
use App\UseCases\Shop\BenchNow;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Practice\Attempt;
use Orthoscope\Core\Practice\Guess;
use Orthoscope\Core\Words\EntryWords;

/** All that the bench of the practice room shows. What the adviser thinks is in it only where it may be seen. */
final readonly class PracticePage
{
    /** Steps that are shown where the adviser speaks. */
    private const STEPS = 4;

    public ChainDrawing $chain;

    public EntryWords $words;

    public TrialSheet $sheet;

    public EntryChoices $choices;

    public BenchSide $side;

    public PracticeBoard $board;

    public function __construct(
        public Practice $practice,
        public Attempt $attempt,
        public Assessment $assessment,
        public Catalogue $catalogue,
    ) {
        $this->chain = ChainDrawing::of($assessment, $catalogue, judged: $practice->showsAdvice());
        $this->words = new EntryWords($assessment->machine, $catalogue);
        $this->sheet = new TrialSheet($assessment);
        $this->choices = new EntryChoices($assessment, $catalogue, $attempt->shelf(), []);
        $this->side = new BenchSide($assessment, $catalogue, BenchNow::alone());
        $this->board = PracticeBoard::of($assessment);
    }

    /** @return list<RecordRow> newest first */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->assessment->record->entries as $entry) {
            $rows[] = new RecordRow($entry, '', Carbon::parse($entry->at), null, Thumb::ofEntry($entry, $this->catalogue));
        }

        return array_reverse($rows);
    }

    /** How it is put together now, for a start as it stands. */
    public function stands(): string
    {
        return json_encode($this->choices->standingSetUp() ?: (object) [], JSON_THROW_ON_ERROR);
    }

    /** The deed of starting it as it stands. */
    public function startAsItStands(): string
    {
        return "[{\"kind\":\"start\",\"setup\":{$this->stands()}}]";
    }

    /** @return list<PartStanding> */
    public function ranked(): array
    {
        return SuspectList::of($this->assessment);
    }

    /** @return list<StepCard> */
    public function steps(): array
    {
        return array_map(StepCard::of(...), array_slice($this->assessment->advice->ideas(), 0, self::STEPS));
    }

    /** @return list<Part> parts that may be at fault */
    public function parts(): array
    {
        return $this->choices->parts();
    }

    /** What was thought last, to be changed rather than typed anew. */
    public function lastGuess(): ?Guess
    {
        foreach (array_reverse($this->attempt->done) as $done) {
            if ($done->guess !== null) {
                return $done->guess;
            }
        }

        return null;
    }

    /** Minutes until a lock ends by itself, where one does; a machine that dries may be left to stand. */
    public function standsUntil(): ?int
    {
        $end = $this->assessment->locks->nextEnd();
        $seconds = $end === null ? 0 : $end->getTimestamp() - $this->attempt->clock()->getTimestamp();

        return $seconds > 0 ? (int) ceil($seconds / 60) : null;
    }
}
