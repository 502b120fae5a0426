<?php

declare(strict_types=1);

namespace App\Exchange\Referrals;

use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Http;
use stdClass;

/** The hospital, as a server of FHIR R4 of which the address is known, and nothing else. */
final readonly class Hospital
{
    private const SECONDS = 10;

    private const MOST_BYTES = 5_242_880;

    private const TYPE = 'application/fhir+json';

    /** What a search brings along. */
    private const ALONG = '_include=ServiceRequest:subject&_revinclude=DiagnosticReport:based-on'
        .'&_revinclude=Appointment:based-on&_include:iterate=DiagnosticReport:result';

    /** Statuses by which the hospital says that it will never take this. */
    private const REFUSED = [400, 401, 403, 404, 405, 410, 412, 413, 415, 422];

    /** Whether the operator of this server named one. */
    public function isKnown(): bool
    {
        return $this->address() !== '';
    }

    /**
     * Puts the ServiceRequest there: the same again changes nothing.
     *
     * @param  string  $id  of the ServiceRequest
     * @param  string  $request  JSON
     *
     * @throws HospitalAway where it did not take it, and may later
     * @throws Refusal where it will not take it
     */
    public function put(string $id, string $request): void
    {
        $answer = $this->called(
            fn (PendingRequest $call): Response => $call->withBody($request, self::TYPE)->put("{$this->address()}/ServiceRequest/{$id}"),
        );
        if (\in_array($answer->status(), self::REFUSED, true)) {
            throw Refusal::ofTheWhole(__('exchange.hospital.refused', ['status' => $answer->status()]));
        }
        if (! $answer->successful()) {
            throw HospitalAway::answered($answer->status());
        }
    }

    /**
     * Its ServiceRequest with all that is based on it: reports with their observations, and appointments.
     *
     * @param  string  $id  of the ServiceRequest
     *
     * @throws HospitalAway where it cannot be asked now
     * @throws Refusal where the answer cannot be read
     */
    public function ask(string $id): stdClass
    {
        $answer = $this->called(fn (PendingRequest $call): Response => $call->accept(self::TYPE)
            ->get("{$this->address()}/ServiceRequest?_id={$id}&".self::ALONG));
        if (! $answer->successful()) {
            throw HospitalAway::answered($answer->status());
        }
        $bundle = Json::read($answer->body(), self::MOST_BYTES);

        return $bundle instanceof stdClass ? $bundle : throw Refusal::ofTheWhole(__('exchange.hospital.no_bundle'));
    }

    /**
     * @param  callable(PendingRequest): Response  $call
     *
     * @throws HospitalAway
     */
    private function called(callable $call): Response
    {
        $token = Config::string('exchange.hospital_token');
        try {
            return $call(Http::withoutRedirecting()->timeout(self::SECONDS)->connectTimeout(self::SECONDS)
                ->withHeaders($token === '' ? [] : ['Authorization' => "Bearer {$token}"]));
        } catch (ConnectionException) {
            throw HospitalAway::silent();
        }
    }

    private function address(): string
    {
        return rtrim(Config::string('exchange.hospital'), '/');
    }
}
