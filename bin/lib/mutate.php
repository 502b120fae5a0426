<?php

declare(strict_types=1);

// bin/lib/mutate.php PART HOW_MANY SEED: breaks one thing at a time in a copy of the sources, runs the tests that reach
// its line, and says which breaks none of them noticed. Rooms take turns, so that small ones are asked as well.

const PARTS = [
    'core' => ['config' => 'phpunit.xml', 'sources' => ['core/src', 'packages/inference/src', 'packages/document/src', 'packages/learning/src']],
    'app' => ['config' => 'phpunit.app.xml', 'sources' => ['app']],
];
const SWAPS = [
    '<' => '<=', '<=' => '<', '>' => '>=', '>=' => '>', '===' => '!==', '!==' => '===', '&&' => '||', '||' => '&&',
    '+' => '-', '-' => '+', '*' => '/', '/' => '*', 'true' => 'false', 'false' => 'true', '!' => '',
];
/** Nothing is simulated for a practitioner. */
const LEFT_OUT = '~/Simulation/~';
/** A break may end in a loop without end: that is noticed too (seconds). */
const LONGEST = 240;
const PHP = 'php -d memory_limit=2G -d opcache.jit=disable';

[, $part, $many, $seed] = $argv;
['config' => $config, 'sources' => $sources] = PARTS[$part];
$root = dirname(__DIR__, 2);
mt_srand((int) $seed);

/** A copy that may be broken; packages are shared as links, for nobody writes to them. */
function copied(string $root, string $to): string
{
    shell_exec('rm -rf '.escapeshellarg($to).' && mkdir -p '.escapeshellarg("{$to}/var"));
    shell_exec('cd '.escapeshellarg($root).' && git ls-files -z --cached --others --exclude-standard'
        .' | tar --null -T - -cf - | tar -C '.escapeshellarg($to).' -xf -');
    foreach (['vendor', 'public/build', 'public/judge', 'node_modules/@fontsource', 'var/openapi.json'] as $made) {
        is_dir(dirname("{$to}/{$made}")) || mkdir(dirname("{$to}/{$made}"), 0777, true);
        file_exists("{$root}/{$made}") && shell_exec('cp -al '.escapeshellarg("{$root}/{$made}").' '.escapeshellarg("{$to}/{$made}"));
    }
    foreach (['bootstrap/cache', 'storage/framework/views', 'storage/framework/cache', 'storage/framework/sessions'] as $folder) {
        is_dir("{$to}/{$folder}") || mkdir("{$to}/{$folder}", 0777, true);
    }

    return $to;
}

/**
 * @return array<string, array<int, list<string>>> by file and line, the tests that reach it
 */
function reached(string $copy, string $config): array
{
    $report = "{$copy}/var/reached.php";
    $command = 'cd '.escapeshellarg($copy).' && '.PHP.' -d pcov.enabled=1 -d pcov.directory='.escapeshellarg($copy)
        ." vendor/bin/phpunit -c {$config} --exclude-group slow --no-progress --coverage-php ".escapeshellarg($report).' 2>&1';
    exec($command, $said, $status);
    if ($status !== 0) {
        file_put_contents(dirname(__DIR__, 2).'/var/mutate.log', implode("\n", $said));
        fwrite(STDERR, "gray-compass: the tests fail before anything is broken; var/mutate.log says how\n");
        exit(1);
    }
    require_once "{$copy}/vendor/autoload.php";
    $lines = [];
    foreach ((require $report)->getData()->lineCoverage() as $file => $of) {
        $lines[$file] = array_map(static fn (?array $tests): array => $tests ?? [], $of);
    }

    return $lines;
}

/** @return array<string, list<string>> files by room */
function rooms(string $copy, array $sources): array
{
    $rooms = [];
    foreach ($sources as $source) {
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$copy}/{$source}", FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            $path = substr((string) $file, strlen($copy) + 1);
            if (str_ends_with($path, '.php') && preg_match(LEFT_OUT, $path) !== 1) {
                $rooms[dirname($path)][] = $path;
            }
        }
    }
    array_walk($rooms, static fn (array &$files): bool => sort($files));
    ksort($rooms);

    return $rooms;
}

/** @return list<array{int, int, string, string}> offset, line, token, what takes its place */
function places(string $source): array
{
    $places = [];
    [$offset, $before] = [0, ''];
    foreach (PhpToken::tokenize($source) as $token) {
        $other = SWAPS[strtolower($token->text)] ?? null;
        $number = $token->is([T_LNUMBER, T_DNUMBER]) ? (string) ((float) $token->text + 1) : null;
        // What every file declares, and what a union of types is written with.
        $isType = $before === '|' || $before === '?' || $before === ':';
        if (($other !== null || $number !== null) && ! $isType && $token->line > 5) {
            $places[] = [$offset, $token->line, $token->text, $other ?? $number ?? ''];
        }
        $offset += strlen($token->text);
        $before = trim($token->text) === '' ? $before : $token->text;
    }

    return $places;
}

/**
 * The tests that reach a line; of a line that runs nothing by itself, such as a constant, those that reach its file.
 *
 * @param  array<int, list<string>>  $lines
 * @return list<string>
 */
function testsOf(array $lines, int $line): array
{
    return array_values(array_unique($lines[$line] ?? array_merge(...array_values($lines) ?: [[]])));
}

/** @param  list<string>  $tests  as PHPUnit names them */
function filter(array $tests): string
{
    $methods = [];
    foreach ($tests as $test) {
        [$class, $method] = explode('::', preg_replace('/[ #].*/', '', $test) ?? $test) + [1 => ''];
        $methods[$class][$method] = true;
    }
    $classes = array_map(
        static fn (string $class, array $of): string => preg_quote($class, '/').'::('.implode('|', array_keys($of)).')( |#|$)',
        array_keys($methods),
        $methods,
    );

    return '/^('.implode('|', $classes).')/';
}

/** @return resource a run of these tests in a copy */
function started(string $copy, string $config, array $tests, int $number)
{
    file_put_contents("{$copy}/var/filter", filter($tests));
    $command = 'timeout '.LONGEST.' '.PHP.' -d pcov.enabled=0 -d opcache.enable_cli=0'
        ." vendor/bin/phpunit -c {$config} --exclude-group slow --stop-on-defect --no-progress --no-results --filter \"\$(cat var/filter)\"";
    $process = proc_open(['bash', '-c', $command], [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, $copy, [
        ...getenv(), 'TEST_TOKEN' => (string) $number,
    ]);

    return $process === false ? throw new RuntimeException('No process could be started.') : $process;
}

$workers = max(1, (int) trim((string) shell_exec('nproc')));
$copies = [];
for ($number = 1; $number <= $workers; $number++) {
    $copies[$number] = copied($root, "{$root}/var/mutate-{$number}");
}
putenv('TEST_TOKEN=1');
$reached = reached($copies[1], $config);
$rooms = rooms($copies[1], $sources);
$names = array_keys($rooms);
[$survived, $noticed, $turn, $running] = [0, 0, 0, []];

while ($survived + $noticed + count($running) < (int) $many || $running !== []) {
    foreach ($copies as $number => $copy) {
        if (isset($running[$number])) {
            [$process, $file, $source, $told] = $running[$number];
            $state = proc_get_status($process);
            if ($state['running']) {
                continue;
            }
            proc_close($process);
            file_put_contents("{$copy}/{$file}", $source);
            unset($running[$number]);
            $state['exitcode'] === 0 ? $survived++ : $noticed++;
            $state['exitcode'] === 0 && print "survived: {$told}\n";
        }
        while (! isset($running[$number]) && $survived + $noticed + count($running) < (int) $many) {
            $files = $rooms[$names[$turn++ % count($names)]];
            $file = $files[mt_rand(0, count($files) - 1)];
            $source = (string) file_get_contents("{$copy}/{$file}");
            $places = places($source);
            if ($places === []) {
                continue;
            }
            [$offset, $line, $token, $other] = $places[mt_rand(0, count($places) - 1)];
            file_put_contents("{$copy}/{$file}", substr_replace($source, $other, $offset, strlen($token)));
            exec('php -l '.escapeshellarg("{$copy}/{$file}").' 2>&1', $said, $isBroken);
            $told = sprintf("%s:%d  %s → %s\n    %s", $file, $line, $token, $other === '' ? 'nothing' : $other, trim(explode("\n", $source)[$line - 1]));
            $tests = testsOf($reached["{$copies[1]}/{$file}"] ?? [], $line);
            if ($isBroken === 0 && $tests === []) {
                $survived++;
                echo "not reached: {$told}\n";
            }
            if ($isBroken !== 0 || $tests === []) {
                file_put_contents("{$copy}/{$file}", $source);

                continue;
            }
            $running[$number] = [started($copy, $config, $tests, $number), $file, $source, $told];
        }
    }
    usleep(50_000);
}
printf("%s: %d of %d noticed (%.0f %%), seed %d\n", $part, $noticed, $noticed + $survived, 100 * $noticed / ($noticed + $survived), $seed);
foreach ($copies as $copy) {
    shell_exec('rm -rf '.escapeshellarg($copy));
}
