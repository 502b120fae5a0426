<?php

declare(strict_types=1);

namespace App\Exchange\Referrals;

use App\Access\Models\Team;
use App\Access\Models\User;
use App\Clinic\Models\Task;
use App\Exchange\Fhir\People;
use GrayCompass\Core\Fhir\Code;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Document\Json;
use Illuminate\Support\Facades\Date;

/**
 * A referral as a ServiceRequest of FHIR R4, with the athlete and who asks contained in it.
 *
 * @phpstan-import-type Element from Terms
 */
final readonly class ReferralRequest
{
    public function __construct(private Terms $terms, private People $people)
    {
    }

    /**
     * @param  string  $id  of the ServiceRequest
     * @param  Task  $task  a referral, with its athlete at hand
     * @return string JSON
     */
    public function of(string $id, Task $task, User $by): string
    {
        ['title' => $title, 'why' => $why, 'side' => $side] = $task->content;
        $patient = $this->people->patient($task->athlete, Team::query()->findOrFail($task->team_id));

        return Json::write([
            'resourceType' => 'ServiceRequest',
            'id' => $id,
            'contained' => [
                ['resourceType' => 'Patient', 'id' => 'patient', ...array_diff_key($patient->body, ['managingOrganization' => true])],
                ['resourceType' => 'Practitioner', 'id' => 'practitioner', ...$this->people->practitioner($by)->body],
            ],
            'identifier' => [$this->terms->identifier(Code::Referral, $id)],
            'status' => 'active',
            'intent' => 'order',
            'code' => ['text' => $title],
            'subject' => ['reference' => '#patient'],
            'requester' => ['reference' => '#practitioner'],
            'authoredOn' => Date::now()->toIso8601ZuluString(),
            ...($task->due_on === null ? [] : ['occurrencePeriod' => ['end' => $task->due_on->toDateString()]]),
            ...($why === '' ? [] : ['reasonCode' => [['text' => $why]]]),
            ...($side === null ? [] : ['bodySite' => [$this->terms->concept(Code::BodySite, "{$side}-knee", ucfirst($side).' knee')]]),
        ]);
    }
}
