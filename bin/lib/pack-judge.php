<?php

declare(strict_types=1);

// bin/lib/pack-judge.php FOLDER: packs the core and its figures for the device without a network into FOLDER, with a
// manifest that says what it is. Classes stand in one file, parents first, so that nothing is looked up at run time.

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Figures;

require __DIR__.'/../../vendor/autoload.php';

const SOURCES = [
    'GrayCompass\\Document\\' => 'packages/document/src',
    'GrayCompass\\Inference\\' => 'packages/inference/src',
    'GrayCompass\\Core\\' => 'core/src',
];
/** Nothing is simulated or exchanged on a device. */
const LEFT_OUT = '#^core/src/(Simulation/|Fhir/|Bundles\.php)#';

[, $folder] = $argv + [1 => 'public/judge'];
chdir(__DIR__.'/../..');

/** @return array<class-string, string> files by the class that each declares */
function classes(): array
{
    $classes = [];
    foreach (SOURCES as $namespace => $source) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($source, FilesystemIterator::SKIP_DOTS)) as $file) {
            $path = (string) $file;
            if (str_ends_with($path, '.php') && preg_match(LEFT_OUT, $path) !== 1) {
                $classes[$namespace.strtr(substr($path, strlen($source) + 1, -4), '/', '\\')] = $path;
            }
        }
    }
    ksort($classes);

    return $classes;
}

/**
 * @param  array<class-string, string>  $classes
 * @return list<class-string> each behind what it extends, implements and uses
 */
function inOrder(array $classes): array
{
    $order = [];
    $place = static function (string $class) use (&$place, &$order, $classes): void {
        if (isset($order[$class]) || ! isset($classes[$class])) {
            return;
        }
        $of = new ReflectionClass($class);
        $parent = $of->getParentClass();
        foreach ([...($parent === false ? [] : [$parent->getName()]), ...$of->getInterfaceNames(), ...$of->getTraitNames()] as $above) {
            $place($above);
        }
        $order[$class] = $class;
    };
    array_map($place, array_keys($classes));

    return array_values($order);
}

/** One file as a block of its namespace, without what only people read. */
function block(string $path): string
{
    $source = php_strip_whitespace($path);
    if (preg_match('/^<\?php\s*declare\(strict_types=1\);\s*namespace ([\w\\\\]+);(.*)$/s', $source, $found) !== 1) {
        fwrite(STDERR, "gray-compass: {$path} cannot be packed: it begins otherwise than all others\n");
        exit(1);
    }

    return "namespace {$found[1]} {".trim($found[2])."}\n";
}

$classes = classes();
$code = "<?php\ndeclare(strict_types=1);\n"
    // The module has no mbstring; lengths of texts are counted in letters.
    ."namespace { if (! function_exists('mb_strlen')) { function mb_strlen(string \$text): int { return (int) preg_match_all('/./us', \$text); } } }\n"
    .implode('', array_map(static fn (string $class): string => block($classes[$class]), inOrder($classes)))
    // Read once, and then asked as often as there is something to ask.
    ."namespace { \$judge = new GrayCompass\\Core\\Judge(new GrayCompass\\Core\\Figures('/judge', json_decode((string) file_get_contents('/judge/figures.json'), true, 64, JSON_THROW_ON_ERROR))); }\n";
// What the base states of all settings take over the line, the device works out sooner for the one that it needs.
$figures = json_encode(array_diff_key((new Figures)->parsed(), [Figures::BASE_STATES => true]), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
// Asked before anything is entered, so that the first verdict that counts is quick.
[$first, $second] = array_map(
    static fn (string $name): string => json_encode(
        ['assess' => json_decode((string) file_get_contents("examples/{$name}.json"))], JSON_THROW_ON_ERROR,
    ),
    ['touchline-go', 'fresh-cruciate-tear'],
);
$archive = json_encode(['core.php' => $code, 'figures.json' => $figures, 'first.json' => $first, 'second.json' => $second], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
$digest = substr(hash('sha256', $archive), 0, 16);

is_dir($folder) || mkdir($folder, 0755, true);
array_map(unlink(...), glob("{$folder}/archive-*.json*") ?: []);
file_put_contents("{$folder}/archive-{$digest}.json", $archive);
file_put_contents("{$folder}/archive-{$digest}.json.gz", $pressed = (string) gzencode($archive, 9));
// As the build of the interface named it; pressed beside it.
$binary = glob('public/build/assets/*.wasm')[0] ?? null;
if ($binary === null) {
    fwrite(STDERR, "gray-compass: the interface is not built: public/build/assets holds no WebAssembly\n");
    exit(1);
}
foreach (['LICENSE', 'NOTICE'] as $paper) {
    copy("node_modules/php-wasm/{$paper}", "{$folder}/{$paper}");
}
is_file("{$binary}.gz") || file_put_contents("{$binary}.gz", (string) gzencode((string) file_get_contents($binary), 9));
$paths = ['binary' => substr($binary, strlen('public')), 'archive' => "/judge/archive-{$digest}.json"];
file_put_contents("{$folder}/manifest.json", json_encode([
    ...$paths, 'rules' => Assessment::RULES,
    'bytes' => [$paths['binary'] => filesize("{$binary}.gz"), $paths['archive'] => strlen($pressed)],
    'sha256' => [$paths['binary'] => hash_file('sha256', $binary), $paths['archive'] => hash('sha256', $archive)],
], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n");
