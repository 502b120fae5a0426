<?php

declare(strict_types=1);

namespace App\Platform\Audit;

/** What the audit log records. The values stand in entries that nothing changes, and so stay as they are. */
enum AuditEvent: string
{
    case LoggedIn = 'logged_in';
    case LogInRefused = 'log_in_refused';
    case LoggedOut = 'logged_out';
    case AthleteAdded = 'athlete_added';
    case AthleteChanged = 'athlete_changed';
    case AthleteArchived = 'athlete_archived';
    case AthleteRestored = 'athlete_restored';
    case ListImported = 'list_imported';
    case ImportUndone = 'import_taken_back';
    case AthleteErased = 'athlete_erased';
    case ErasureAnnounced = 'erasure_announced';
    case ErasurePostponed = 'erasure_put_off';
    case AthleteRead = 'athlete_read';
    case EarlierVisitsKeptOnDevice = 'earlier_visits_kept_on_device';
    case ExaminationRead = 'examination_read';
    case ExaminationStarted = 'examination_started';
    case ExaminationImported = 'examination_imported';
    case HistoryImported = 'history_imported';
    case ImportedExaminationRemoved = 'imported_examination_removed';
    case RecordsImported = 'records_imported';
    case RecordImportUndone = 'record_import_undone';
    case OtherKneeBegun = 'other_knee_begun';
    case KneeChanged = 'knee_changed';
    case PartChanged = 'part_changed';
    case RecordWithdrawn = 'finding_taken_back';
    case TakenAgainstGate = 'taken_against_gate';
    case TaskMade = 'task_made';
    case TaskMoved = 'task_moved';
    case TaskClosed = 'task_closed';
    case ReferenceResultAdded = 'outcome_added';
    case ReferenceResultChanged = 'outcome_changed';
    case ReferenceResultRemoved = 'outcome_removed';
    case ReferenceResultRestored = 'outcome_restored';
    case Proposed = 'proposed';
    case ProposalWithdrawn = 'proposal_withdrawn';
    case ProposalDecided = 'proposal_decided';
    case FileAdded = 'file_added';
    case FileRemoved = 'file_removed';
    case FileRestored = 'file_restored';
    case SignatureAskedFor = 'signature_asked_for';
    case Signed = 'signed';
    case AddendumWritten = 'addendum_written';
    case CorrectionBegun = 'correction_begun';
    case Superseded = 'superseded';
    case LetterBegun = 'letter_begun';
    case LetterChanged = 'letter_changed';
    case LetterSent = 'letter_sent';
    case LetterDiscarded = 'letter_discarded';
    case LetterRestored = 'letter_restored';
    case DoctorAdded = 'doctor_added';
    case DoctorChanged = 'doctor_changed';
    case DoctorRemoved = 'doctor_removed';
    case DoctorRestored = 'doctor_restored';
    case PageOpened = 'page_opened';
    case PageClosed = 'page_closed';
    case Printed = 'printed';
    case Exported = 'exported';
    case TeamCreated = 'team_created';
    case MemberJoined = 'member_joined';
    case InvitationSent = 'invitation_sent';
    case InvitationWithdrawn = 'invitation_withdrawn';
    case RoleChanged = 'role_changed';
    case MemberLeft = 'member_left';
    case TeamChanged = 'team_changed';
    case PasswordAskedFor = 'password_asked_for';
    case PasswordChanged = 'password_changed';
    case SecondFactorOn = 'second_factor_on';
    case SecondFactorOff = 'second_factor_off';
    case CalendarOpened = 'calendar_opened';
    case CalendarClosed = 'calendar_closed';
    case SessionEnded = 'session_ended';
    case TokenMade = 'token_made';
    case TokenUsed = 'token_used';
    case TokenRevoked = 'token_revoked';
    case ReferralSent = 'referral_sent';
    case ReferralAnswered = 'referral_answered';
    case WebhookAdded = 'webhook_added';
    case WebhookRemoved = 'webhook_removed';
    case MailRead = 'mail_read';
    case KeysRotated = 'keys_rotated';
    case AuditLogRead = 'deeds_read';
    case HashesRenewed = 'seals_renewed';
    case FactsHashed = 'facts_sealed';

    public function label(): string
    {
        return ucfirst(strtolower((string) preg_replace('/(?<!^)[A-Z]/', ' $0', $this->name)));
    }
}
