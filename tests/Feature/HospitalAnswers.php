<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\Models\SentReferral;

/** What a hospital answers to a referral that was sent. */
trait HospitalAnswers
{
    /** @return array<string, mixed> a searchset with request, patient, appointment, report and observation */
    private static function hospitalAnswer(SentReferral $referral): array
    {
        $request = json_decode($referral->request, true);
        $subject = ['reference' => 'Patient/p1'];
        $code = static fn (string $system, string $code): array => ['coding' => [['system' => "urn:gray-compass:{$system}", 'code' => $code]]];
        $based = [['reference' => "ServiceRequest/{$referral->id}"]];

        return ['resourceType' => 'Bundle', 'type' => 'searchset', 'entry' => array_map(
            static fn (array $resource): array => ['fullUrl' => "urn:h:{$resource['resourceType']}:{$resource['id']}", 'resource' => $resource],
            [
                ['resourceType' => 'ServiceRequest', 'id' => $referral->id, 'status' => 'completed', 'subject' => $subject],
                [...$request['contained'][0], 'id' => 'p1'],
                ['resourceType' => 'Appointment', 'id' => 'a1', 'status' => 'booked', 'basedOn' => $based, 'start' => '2026-12-09T10:30:00Z'],
                [
                    'resourceType' => 'DiagnosticReport', 'id' => 'r1', 'status' => 'final', 'basedOn' => $based, 'subject' => $subject,
                    'code' => $code('reference-result', 'mri'), 'effectiveDateTime' => now()->toDateString(),
                    'result' => [['reference' => 'Observation/o1']],
                ],
                [
                    'resourceType' => 'Observation', 'id' => 'o1', 'status' => 'final', 'subject' => $subject,
                    'code' => $code('condition', 'acl'), 'bodySite' => $code('body-site', 'left-knee'),
                    'valueCodeableConcept' => $code('word', 'present'),
                ],
            ],
        )];
    }
}
