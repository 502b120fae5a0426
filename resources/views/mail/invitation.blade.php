{!! __('papers.mail.invited', ['by' => $by, 'team' => $team, 'role' => $role]) !!}

{!! __('papers.mail.invitation_link') !!}

{!! $address !!}

{!! __('papers.mail.invitation_lasts', ['days' => $days]) !!}
