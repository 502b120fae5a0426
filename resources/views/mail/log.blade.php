{!! __('papers.mail.hello', ['name' => $name]) !!}

{!! __('papers.mail.log_end', ['at' => $at, 'team' => $team, 'count' => $count]) !!}

{!! $count !!}:{!! $hash !!}

{!! __('papers.mail.log_keep') !!}

bin/artisan data:verify --end={!! $count !!}:{!! $hash !!}
