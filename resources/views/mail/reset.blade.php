Somebody, most likely you, asked for a new password for Gray Compass.

Open this link to choose one:

{!! $address !!}

It works once, and for {{ $minutes }} minutes. If you did not ask for it, do nothing: your password stays as it is.
