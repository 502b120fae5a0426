Hello {!! $name !!},

the account with this address was changed at {!! $at !!} (UTC): {!! $change->label() !!}.

If it was you, there is nothing to do. If it was not, ask for a new password on the log-in page, end all other sessions under Account, and tell the lead of your team.
