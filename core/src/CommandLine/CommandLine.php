<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

use InvalidArgumentException;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\CaseFile\CaseFile;
use Orthoscope\Core\CaseFile\JsonLines;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\CatalogueCheck;
use Orthoscope\Core\Catalogue\CatalogueMistake;
use Orthoscope\Core\Chain\MachineMistake;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Instruments\Instrument;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Plain\UnknownWord;
use Orthoscope\Core\Plain\UnreadableRow;
use Orthoscope\Core\Simulation\CallSimulation;
use Orthoscope\Core\Simulation\Simulation;
use Symfony\Component\Console\Exception\ExceptionInterface as OptionMistake;
use Symfony\Component\Console\Input\ArgvInput;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputDefinition;
use Symfony\Component\Console\Input\InputOption;

/** The core's own command line. Exit status: 0 well, 1 the input is at fault, 2 called wrongly. */
final class CommandLine
{
    private const USAGE = <<<'TEXT'
    orthoscope diagnose FILE [--upto N] [--text]
                                        what a case file supports: standings, faults, surprise, next steps
    orthoscope explain FILE --part P    why a part stands where it stands, and how each entry moved it
    orthoscope validate FILE            every mistake in a case file, by line
    orthoscope vocabulary               all words a case file can use, as JSON
    orthoscope check-catalogue          whether the catalogue holds together
    orthoscope simulate --jobs N --seed S --policy all|planner|script|knowing|power-first|strip-first|screen-first|
             cheapest-first [--perturb F] [--doubles SHARE] [--world friendly|hard|circuit|stories] [--workers N] [--json]
                                        plays machines with hidden faults by each policy, and adds up what came of it
    orthoscope calls [--callers N] [--seed S] --json
                                        asks simulated callers in the planner's order and in a fixed one
    orthoscope instrument NAME [--fault F] [--seed S]
                                        what a simulated instrument shows, as a reading in JSON:
                                            supply-tester, code-card, meter, thermometer, bench-supply
    orthoscope patterns [--years N] [--seed S] --json
                                        how often the watch finds what is not there, and how soon a bad batch
    orthoscope forecast [--jobs N] [--seed S] --json
                                        how often forecasts of bench minutes held on simulated jobs
    orthoscope bench [--records N] --json
                                        how long belief and planning take, by number of entries

    TEXT;

    private const COMMANDS = [
        'diagnose',
        'explain',
        'validate',
        'vocabulary',
        'check-catalogue',
        'simulate',
        'calls',
        'instrument',
        'patterns',
        'forecast',
        'bench',
    ];

    /**
     * @param  resource  $out
     * @param  resource  $err
     */
    public function __construct(private $out, private $err)
    {
    }

    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        $command = $words[0] ?? '';
        if (! in_array($command, self::COMMANDS, true)) {
            return $this->misuse($command === '' ? '' : UnknownWord::sentence('command', $command, self::COMMANDS));
        }
        try {
            $input = new ArgvInput(['orthoscope', ...array_slice($words, 1)], self::definition($command));
            $input->validate();
        } catch (OptionMistake $mistake) {
            return $this->misuse($mistake->getMessage());
        }
        try {
            return $this->command($command, $input);
        } catch (CaseMistake|CatalogueMistake|MachineMistake|UnreadableRow $mistake) {
            fwrite($this->err, $mistake->getMessage()."\n");

            return 1;
        } catch (InvalidArgumentException $mistake) {
            return $this->misuse($mistake->getMessage());
        }
    }

    private function command(string $command, ArgvInput $input): int
    {
        return match ($command) {
            'diagnose' => $this->diagnose($input),
            'explain' => $this->explain($input),
            'validate' => $this->validate($this->read($input)),
            'vocabulary' => $this->say($this->json(Vocabulary::of(Catalogue::shipped()))),
            'check-catalogue' => $this->checkCatalogue(),
            'simulate' => $this->simulate($input),
            'calls' => $this->calls($input),
            'instrument' => $this->instrument($input),
            default => $this->say($this->json($this->measured($command, $input))),
        };
    }

    /** @return array<string, mixed> */
    private function measured(string $command, ArgvInput $input): array
    {
        $catalogue = Catalogue::shipped();

        return match ($command) {
            'patterns' => (new PatternsCommand($catalogue, self::whole($input, 'years', 1, 200), self::word($input, 'seed')))->figures(),
            'forecast' => (new ForecastCommand($catalogue, self::whole($input, 'jobs', 1, 5000), self::word($input, 'seed')))->figures(),
            default => (new BenchCommand($catalogue, self::whole($input, 'records', 1, 1000)))->figures(),
        };
    }

    private static function definition(string $command): InputDefinition
    {
        $file = new InputArgument('file', InputArgument::REQUIRED);
        $value = fn (string $name, ?string $default = null): InputOption => new InputOption(
            $name,
            null,
            InputOption::VALUE_REQUIRED,
            '',
            $default,
        );
        $flag = fn (string $name): InputOption => new InputOption($name, null, InputOption::VALUE_NONE);

        return new InputDefinition(
            match ($command) {
                'diagnose' => [$file, $value('upto'), $flag('text')],
                'explain' => [$file, $value('part')],
                'validate' => [$file],
                'simulate' => [
                    $value('jobs', '100'),
                    $value('seed', '1'),
                    $value('policy', 'all'),
                    $value('perturb', '1'),
                    $value('doubles'),
                    $value('world', Simulation::FRIENDLY),
                    $value('workers', '1'),
                    $value('slice'),
                    $flag('json'),
                ],
                'calls' => [$value('callers', '100'), $value('seed', '1'), $flag('json')],
                'instrument' => [new InputArgument('name', InputArgument::REQUIRED), $value('fault', 'none'), $value('seed', '1')],
                'patterns' => [$value('years', '10'), $value('seed', '1'), $flag('json')],
                'forecast' => [$value('jobs', '20'), $value('seed', '1'), $flag('json')],
                'bench' => [$value('records', '20'), $flag('json')],
                default => [],
            },
        );
    }

    private function diagnose(ArgvInput $input): int
    {
        $upTo = $input->getOption('upto');
        if ($upTo !== null && ! ctype_digit(self::word($input, 'upto'))) {
            return $this->misuse('--upto takes the number of an entry.');
        }
        $catalogue = Catalogue::shipped();
        $case = CaseFile::parse($this->read($input), $catalogue);
        $record = $upTo === null ? $case->record : $case->record->upTo((int) self::word($input, 'upto'));
        $assessment = Assessment::of($case->machine, $record, $case->shelf, $catalogue);

        return $this->say(
            $input->getOption('text')
                ? AssessmentText::of($assessment, $catalogue)
                : $this->json(AssessmentJson::of($assessment, $catalogue)),
        );
    }

    private function explain(ArgvInput $input): int
    {
        if ($input->getOption('part') === null) {
            return $this->misuse('Name the part with --part.');
        }
        $catalogue = Catalogue::shipped();
        $case = CaseFile::parse($this->read($input), $catalogue);

        return $this->say(Explanation::of($case, $case->machine->part(self::word($input, 'part')), $catalogue));
    }

    private function validate(string $json): int
    {
        $lines = JsonLines::of($json);
        $mistakes = CaseFile::mistakes($json, Catalogue::shipped());
        foreach ($mistakes as $mistake) {
            $line = $lines->brokenLine() ?? $lines->line($mistake->path);
            fwrite($this->out, "line {$line}: {$mistake->getMessage()}\n");
        }

        return $mistakes === [] ? $this->say("No mistake found.\n") : 1;
    }

    private function checkCatalogue(): int
    {
        $mistakes = CatalogueCheck::mistakes(Catalogue::shipped());
        $this->say($mistakes === [] ? "The catalogue holds together.\n" : implode("\n", $mistakes)."\n");

        return $mistakes === [] ? 0 : 1;
    }

    private function simulate(ArgvInput $input): int
    {
        $catalogue = Catalogue::shipped();
        $policies =
            $input->getOption('policy') === 'all' ? Simulation::policyNames($catalogue) : explode(',', self::word($input, 'policy'));
        foreach ($policies as $policy) {
            if (! in_array($policy, Simulation::policyNames($catalogue), true)) {
                return $this->misuse(UnknownWord::sentence('policy', $policy, ['all', ...Simulation::policyNames($catalogue)]));
            }
        }
        $command = new SimulateCommand(
            catalogue: $catalogue,
            jobs: self::whole($input, 'jobs', 1, 100000),
            seed: self::word($input, 'seed'),
            policies: $policies,
            perturb: self::number($input, 'perturb'),
            doubles: $input->getOption('doubles') === null ? null : self::number($input, 'doubles'),
            world: self::word($input, 'world'),
            workers: self::whole($input, 'workers', 1, 64),
        );
        if ($input->getOption('slice') !== null) {
            [$worker, $workers] = [...explode('/', self::word($input, 'slice')), '1'];

            return $this->say(base64_encode(serialize($command->slice((int) $worker, (int) $workers))));
        }
        $figures = $command->figures();

        return $this->say($input->getOption('json') ? $this->json($figures) : FiguresText::of($figures));
    }

    private function calls(ArgvInput $input): int
    {
        $callers = self::whole($input, 'callers', 1, 100000);
        $seed = self::word($input, 'seed');

        return $this->say(
            $this->json([
                'callers' => $callers,
                'seed' => $seed,
                'orders' => (new CallSimulation(Catalogue::shipped(), $seed))->figures($callers),
            ]),
        );
    }

    private function instrument(ArgvInput $input): int
    {
        $name = self::argument($input, 'name');
        $instrument = Instrument::tryFrom($name)
            ?? throw new InvalidArgumentException(UnknownWord::sentence('instrument', $name, array_column(Instrument::cases(), 'value')));
        $fault = self::word($input, 'fault');
        if (! isset($instrument->faults()[$fault])) {
            return $this->misuse(
                "\"{$fault}\" is no fault of the {$name}; it plays ".implode(', ', array_keys($instrument->faults())).'.',
            );
        }

        return $this->say($this->json($instrument->read($fault, Draw::from(self::word($input, 'seed')))->toArray()));
    }

    private static function word(ArgvInput $input, string $option): string
    {
        $value = $input->getOption($option);

        return is_string($value) ? $value : '';
    }

    private static function argument(ArgvInput $input, string $name): string
    {
        $value = $input->getArgument($name);

        return is_string($value) ? $value : '';
    }

    private static function whole(ArgvInput $input, string $option, int $least, int $most): int
    {
        $value = filter_var($input->getOption($option), FILTER_VALIDATE_INT, ['options' => ['min_range' => $least, 'max_range' => $most]]);

        return $value === false ? throw new InvalidArgumentException("--{$option} takes a whole number from {$least} to {$most}.") : $value;
    }

    private static function number(ArgvInput $input, string $option): float
    {
        $value = filter_var($input->getOption($option), FILTER_VALIDATE_FLOAT);

        return $value === false ? throw new InvalidArgumentException("--{$option} takes a number.") : $value;
    }

    private function read(ArgvInput $input): string
    {
        $file = self::argument($input, 'file');
        if (! is_file($file) || ! is_readable($file)) {
            throw CaseMistake::at('', "There is no readable file \"{$file}\".");
        }

        return (string) file_get_contents($file);
    }

    /** @param  array<string, mixed>  $data */
    private function json(array $data): string
    {
        return json_encode($data, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    private function say(string $text): int
    {
        fwrite($this->out, $text);

        return 0;
    }

    private function misuse(string $sentence): int
    {
        fwrite($this->err, ($sentence === '' ? '' : $sentence."\n").self::USAGE);

        return 2;
    }
}
