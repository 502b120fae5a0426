{!! $by !!} invites you to work with {!! $team !!} in Gray Compass, as {!! $role !!}.

Open this link to choose a password, or to join with the one you have:

{!! $address !!}

It works once, and for {{ $days }} days. If you do not know this team, do nothing.
