Hello {!! $name !!},

at {!! $at !!} (UTC) the log of {!! $team !!} had {!! $count !!} entries and ended with this seal:

{!! $count !!}:{!! $seal !!}

Keep this mail; there is nothing else to do. If it is ever in doubt whether the log was cut or rewritten, the person who runs the server can check it with

bin/artisan records:verify --end={!! $count !!}:{!! $seal !!}
