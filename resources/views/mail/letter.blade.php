{!! $letter !!}
