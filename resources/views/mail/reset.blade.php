{!! __('papers.mail.reset_asked') !!}

{!! __('papers.mail.reset_link') !!}

{!! $address !!}

{!! __('papers.mail.reset_lasts', ['minutes' => $minutes]) !!}
