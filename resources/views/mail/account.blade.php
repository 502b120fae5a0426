{!! __('papers.mail.hello', ['name' => $name]) !!}

{!! __('papers.mail.account_changed', ['at' => $at, 'change' => $change->label()]) !!}

{!! __('papers.mail.account_advice') !!}
