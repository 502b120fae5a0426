<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Routing\Route;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use RuntimeException;
use stdClass;

/** The contract, bundled by `npm run contract:bundle`, and whether an answer keeps it. */
final class Contract
{
    private const ID = 'https://gray-compass.test/openapi.json';

    private static ?self $it = null;

    private readonly Validator $validator;

    private function __construct(private readonly stdClass $document)
    {
        $this->validator = new Validator;
        $this->validator->resolver()?->registerRaw($document, self::ID);
    }

    public static function it(): self
    {
        return self::$it ??= new self(self::read());
    }

    /**
     * @return list<string> each as `PUT /api/… 200`
     */
    public function promises(): array
    {
        $promises = [];
        foreach (get_object_vars($this->document->paths) as $path => $operations) {
            foreach (get_object_vars($operations) as $method => $operation) {
                foreach (array_keys(get_object_vars($operation->responses)) as $status) {
                    $promises[] = strtoupper($method)." {$path} {$status}";
                }
            }
        }
        sort($promises);

        return $promises;
    }

    /** Which promise the answer of a route keeps. */
    public static function promise(Route $route, string $method, int $status): string
    {
        return "{$method} /{$route->uri()} {$status}";
    }

    public function assertKept(Route $route, string $method, TestResponse $answer): void
    {
        $promise = self::promise($route, $method, $answer->getStatusCode());
        $response = $this->document->paths->{"/{$route->uri()}"}->{strtolower($method)}->responses
            ->{$answer->getStatusCode()} ?? null;
        $isAway = $answer->getStatusCode() >= 500;
        Assert::assertTrue($isAway || $response !== null, "{$promise} is not in the contract.");
        $name = match (true) {
            $isAway => 'Away',
            isset($response->{'$ref'}) => basename($response->{'$ref'}),
            default => null,
        };
        $response = $name === null ? $response : $this->document->components->responses->{$name};
        if (! isset($response->content->{'application/json'})) {
            return;
        }
        $place = $name === null
            ? '/paths/'.str_replace(
                '/',
                '~1',
                "/{$route->uri()}",
            ).'/'.strtolower($method)."/responses/{$answer->getStatusCode()}"
            : "/components/responses/{$name}";
        // Braces in a path are written as an address writes them.
        $pointer = str_replace(['{', '}'], ['%7B', '%7D'], "{$place}/content/application~1json/schema");
        $result = $this->validator->validate(json_decode((string) $answer->content()), self::ID."#{$pointer}");
        $error = $result->error();
        Assert::assertTrue(
            $result->isValid(),
            $promise.': '.($error === null ? '' : json_encode((new ErrorFormatter)->format($error))),
        );
    }

    private static function read(): stdClass
    {
        $file = __DIR__.'/../../var/openapi.json';
        $document = is_file($file) ? json_decode((string) file_get_contents($file)) : null;

        return $document instanceof stdClass
            ? $document
            : throw new RuntimeException('var/openapi.json is missing: run npm run contract:bundle');
    }
}
