<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

use Orthoscope\Core\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\CatalogueCheck;
use Orthoscope\Core\Catalogue\CatalogueMistake;
use Orthoscope\Core\Catalogue\UnknownWord;
use Orthoscope\Core\Chain\MachineMistake;
use Orthoscope\Core\Evidence\CaseFile;
use Orthoscope\Core\Evidence\CaseMistake;

/** The core's own command line. Exit status: 0 well, 1 the input is at fault, 2 called wrongly. */
final class CommandLine
{
    private const USAGE = <<<'TEXT'
        orthoscope diagnose FILE [--upto N] [--text]
                                            what a case file supports: standings, faults, surprise, next steps
        orthoscope explain FILE --part P    why a part stands where it stands, and how each entry moved it
        orthoscope validate FILE            every mistake in a case file
        orthoscope vocabulary               all words a case file can use, as JSON
        orthoscope check-catalogue          whether the catalogue holds together

        TEXT;

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
        $command = array_shift($words) ?? '';
        $options = ['upto' => null, 'part' => null, 'text' => null];
        $file = null;
        while ($words !== []) {
            $word = array_shift($words);
            if (! str_starts_with($word, '--')) {
                $file ??= $word;
            } elseif ($word === '--text') {
                $options['text'] = 'yes';
            } elseif (array_key_exists(substr($word, 2), $options)) {
                $options[substr($word, 2)] = array_shift($words) ?? '';
            } else {
                return $this->misuse("{$word} is not known.");
            }
        }
        if ($options['upto'] !== null && ! ctype_digit($options['upto'])) {
            return $this->misuse('--upto takes the number of an entry.');
        }
        try {
            return match ($command) {
                'diagnose' => $file === null ? $this->misuse('Name the case file.') : $this->diagnose($file, $options['upto'], $options['text'] !== null),
                'explain' => $file === null || $options['part'] === null ? $this->misuse('Name the case file and the part.') : $this->explain($file, $options['part']),
                'validate' => $file === null ? $this->misuse('Name the case file.') : $this->validate($file),
                'vocabulary' => $this->say($this->json(Vocabulary::of(Catalogue::shipped()))),
                'check-catalogue' => $this->checkCatalogue(),
                default => $this->misuse($command === '' ? '' : UnknownWord::sentence('command', $command, ['diagnose', 'explain', 'validate', 'vocabulary', 'check-catalogue'])),
            };
        } catch (CaseMistake|CatalogueMistake|MachineMistake $mistake) {
            fwrite($this->err, $mistake->getMessage()."\n");

            return 1;
        }
    }

    private function diagnose(string $file, ?string $upTo, bool $text): int
    {
        $catalogue = Catalogue::shipped();
        $case = CaseFile::parse($this->read($file), $catalogue);
        $record = $upTo === null ? $case->record : $case->record->upTo((int) $upTo);
        $assessment = Assessment::of($case->machine, $record, $case->shelf, $catalogue);

        return $this->say($text ? AssessmentText::of($assessment, $catalogue) : $this->json(AssessmentJson::of($assessment, $catalogue)));
    }

    private function explain(string $file, string $part): int
    {
        $catalogue = Catalogue::shipped();
        $case = CaseFile::parse($this->read($file), $catalogue);

        return $this->say(Explanation::of($case, $case->machine->part($part), $catalogue));
    }

    private function validate(string $file): int
    {
        $mistakes = CaseFile::mistakes($this->read($file), Catalogue::shipped());
        foreach ($mistakes as $mistake) {
            fwrite($this->out, $mistake->getMessage()."\n");
        }
        if ($mistakes === []) {
            fwrite($this->out, "No mistake found.\n");
        }

        return $mistakes === [] ? 0 : 1;
    }

    private function checkCatalogue(): int
    {
        $mistakes = CatalogueCheck::mistakes(Catalogue::shipped());
        $this->say($mistakes === [] ? "The catalogue holds together.\n" : implode("\n", $mistakes)."\n");

        return $mistakes === [] ? 0 : 1;
    }

    private function read(string $file): string
    {
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
