<?php

declare(strict_types=1);

namespace App\Exchange\Http\Controllers;

use App\Access\Models\User;
use App\Club\Models\Athlete;
use App\Exchange\Fhir\Capabilities;
use App\Exchange\Fhir\Facade;
use App\Exchange\Fhir\SearchQuery;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Core\Bundles;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Records for other health software: FHIR R4, read only, by token.
 *
 * @phpstan-import-type Element from Terms
 */
final readonly class FhirController
{
    public const TYPE = 'application/fhir+json';

    public function __construct(private Facade $facade, private AuditLog $log)
    {
    }

    public function metadata(): JsonResponse
    {
        return self::answer(Capabilities::statement(url('fhir')));
    }

    public function patients(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $query = SearchQuery::of($request, array_keys(Capabilities::OF_PATIENT));

        $found = self::skipped($this->facade->patients($query, $user), $query);
        $this->log->record(AuditEvent::Exported, null, [
            'as' => 'FHIR', 'patients' => \min(\count($found), $query->count()),
        ]);

        return self::page($found, 'fhir/Patient', $query);
    }

    public function patient(string $id, #[CurrentUser] User $user): JsonResponse
    {
        return self::answer($this->facade->patient($this->athlete($id), $user->present()->team));
    }

    public function everything(Request $request, string $id): JsonResponse
    {
        $query = SearchQuery::of($request, ['_lastUpdated']);
        $resources = $this->facade->resources($this->athlete($id), null, $query);

        return self::page(self::skipped($resources, $query), "fhir/Patient/{$id}/\$everything", $query);
    }

    public function search(Request $request, string $type): JsonResponse
    {
        $query = SearchQuery::of($request, array_keys(Capabilities::OF_A_KNEE));
        $patient = $query->text('patient') ?? throw Refusal::at('patient', __('exchange.search.patient'));
        $resources = $this->facade->resources($this->athlete($patient), [$type], $query);

        return self::page(self::skipped($resources, $query), "fhir/{$type}", $query);
    }

    public function codeSystems(Request $request, Bundles $bundles): JsonResponse
    {
        $query = SearchQuery::of($request, ['url']);
        $systems = array_filter(array_map($bundles->codeSystems->find(...), $bundles->codeSystems->names()));
        $url = $query->text('url');

        return self::page(array_values(array_filter(
            $systems,
            static fn (array $one): bool => $url === null || $one['url'] === $url,
        )), 'fhir/CodeSystem', $query);
    }

    public function codeSystem(string $name, Bundles $bundles): JsonResponse
    {
        return self::answer($bundles->codeSystems->find($name) ?? abort(404));
    }

    private function athlete(string $reference): Athlete
    {
        $athlete = $this->facade->athlete($reference) ?? abort(404);
        $this->log->record(AuditEvent::Exported, $athlete->id, ['as' => 'FHIR']);

        return $athlete;
    }

    /**
     * @param  iterable<Element>  $resources
     * @return list<Element> those of this page, and one more where there are more
     */
    private static function skipped(iterable $resources, SearchQuery $query): array
    {
        $page = [];
        $place = 0;
        foreach ($resources as $resource) {
            if ($place++ >= $query->offset()) {
                $page[] = $resource;
            }
            if (\count($page) > $query->count()) {
                break;
            }
        }

        return $page;
    }

    /**
     * @param  list<Element>  $resources  one more than a page holds, where there are more
     */
    private static function page(array $resources, string $path, SearchQuery $query): JsonResponse
    {
        $hasNext = \count($resources) > $query->count();
        $resources = \array_slice($resources, 0, $query->count());

        return self::answer([
            'resourceType' => 'Bundle',
            'type' => 'searchset',
            'link' => [
                ['relation' => 'self', 'url' => url($path)],
                ...($hasNext ? [['relation' => 'next', 'url' => $query->next(url($path))]] : []),
            ],
            ...($resources === [] ? [] : ['entry' => array_map(static fn (array $resource): array => [
                'fullUrl' => url(implode('/', [
                    'fhir', self::text($resource['resourceType'] ?? null), self::text($resource['id'] ?? null),
                ])),
                'resource' => $resource,
                'search' => ['mode' => 'match'],
            ], $resources)]),
        ]);
    }

    /** @param  Element  $resource */
    private static function answer(array $resource): JsonResponse
    {
        return response()->json(
            $resource,
            headers: ['Content-Type' => self::TYPE],
            options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
