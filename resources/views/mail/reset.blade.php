You, or another person, asked for a new Gray Compass password.

Open this link to choose one:

{!! $address !!}

It works once, and for {{ $minutes }} minutes. If you did not ask for it, do nothing: your password stays as it is.
