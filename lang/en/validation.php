<?php

declare(strict_types=1);

/** What is wrong with a field, in the words that stand beside it on a screen. */
return [
    'array' => 'The :attribute cannot be read.',
    'after' => 'The :attribute must be after :date.',
    'after_or_equal' => 'The :attribute cannot be before :date.',
    'before' => 'The :attribute must be before :date.',
    'before_or_equal' => 'The :attribute cannot be after :date.',
    'boolean' => 'The :attribute is answered by yes or no.',
    'date' => 'The :attribute is not a date.',
    'date_format' => 'The :attribute is not a date.',
    'distinct' => 'The :attribute is there twice.',
    'enum' => 'This :attribute does not exist.',
    'in' => 'This :attribute does not exist.',
    'integer' => 'The :attribute must be a whole number.',
    'max' => [
        'array' => 'At most :max :attribute can be given.',
        'numeric' => 'The :attribute can be :max at most.',
        'string' => 'The :attribute can have :max letters at most.',
    ],
    'min' => [
        'array' => 'At least :min :attribute must be given.',
        'numeric' => 'The :attribute must be :min at least.',
        'string' => 'The :attribute needs :min letters at least.',
    ],
    'numeric' => 'The :attribute must be a number.',
    'present' => 'The :attribute is missing.',
    'prohibited' => 'The :attribute cannot stand here.',
    'required' => 'The :attribute is missing.',
    'required_if' => 'The :attribute is missing.',
    'required_without_all' => 'The :attribute is missing.',
    'required_with' => 'The :attribute is missing.',
    'string' => 'The :attribute must be text.',
    'attributes' => [
        'X-File-Name' => 'file name',
        'bornOn' => 'birth date',
        'content' => 'file',
        'daysSinceInjury' => 'day of the injury',
        'dueOn' => 'day',
        'hurtSide' => 'side',
        'massKg' => 'weight',
        'heightCm' => 'height',
        'on' => 'day',
        'to.email' => 'e-mail address',
        'email' => 'e-mail address',
    ],
];
