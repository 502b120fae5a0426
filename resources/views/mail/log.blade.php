Hello {!! $name !!},

at {!! $at !!} (UTC) the audit log of {!! $team !!} had {!! $count !!} entries and ended with this hash:

{!! $count !!}:{!! $hash !!}

Keep this mail; there is nothing else to do. If it is ever in doubt whether the log was cut or rewritten, the person who runs the server can check it with

bin/artisan data:verify --end={!! $count !!}:{!! $hash !!}
