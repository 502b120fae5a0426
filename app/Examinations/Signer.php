<?php

declare(strict_types=1);

namespace App\Examinations;

use App\Models\Assessment;
use App\Models\Examination;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Closes an examination for good, with the assessment as it stood: figures, schools and rules included. */
final class Signer
{
    public function __construct(private readonly Judge $judge)
    {
    }

    /** @throws AlreadySigned */
    public function sign(Examination $examination): Examination
    {
        return DB::transaction(function () use ($examination): Examination {
            $query = Examination::query()->whereKey($examination->id);
            $query->lockForUpdate();
            $locked = $query->firstOrFail()->load(['sections', 'findings', 'episode.athlete', 'examiner']);
            if ($locked->isSigned()) {
                throw new AlreadySigned;
            }
            $assessment = $this->judge->assessment($locked);
            Assessment::query()->create([
                'examination_id' => $locked->id,
                'payload' => $assessment,
                'rules' => $assessment['rules'],
                'evidence' => $assessment['evidence']['set'].' '.$assessment['evidence']['digest'],
            ]);
            $locked->update(['status' => Examination::SIGNED, 'signed_at' => Date::now()]);

            return $locked;
        });
    }
}
