<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Access\Http\Requests\MailAddress;
use App\Clinic\Letters\LetterText;
use App\Clinic\Values\Addressee;
use App\Clinic\Values\Channel;
use App\Club\Models\Doctor;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** To whom a letter is begun, what it says, or how it leaves. */
final class LetterRequest extends FormRequest
{
    /**
     * @return array<string, list<string|Enum|MailAddress>>
     */
    public function rules(): array
    {
        $line = static fn (int $most): array => ['sometimes', 'nullable', 'string', "max:{$most}"];
        $seen = ['required', 'integer:strict', 'min:1', 'max:1000000'];

        return match (true) {
            $this->routeIs('examinations.letters.store') => ['doctor' => ['sometimes', 'nullable', 'string', 'max:26']],
            $this->routeIs('letters.send') => [
                'version' => $seen,
                'by' => ['required', Rule::enum(Channel::class)],
                'carries' => ['sometimes', 'array', 'max:20'],
                'carries.*' => ['string', 'max:26'],
            ],
            default => [
                'version' => $seen,
                'to' => ['required', 'array:name,practice,address,email'],
                'to.name' => $line(120),
                'to.practice' => $line(160),
                'to.address' => $line(400),
                'to.email' => [...$line(200), new MailAddress],
                'subject' => ['required', 'string', 'max:200'],
                'text' => ['required', 'string', 'max:20000'],
            ],
        };
    }

    /** Null: somebody who is named later. */
    public function doctor(): ?Doctor
    {
        return $this->filled('doctor') ? Doctor::query()->findOrFail($this->string('doctor')->toString()) : null;
    }

    public function seen(): int
    {
        return $this->integer('version');
    }

    public function wording(): LetterText
    {
        $line = fn (string $name): string => $this->string("to.{$name}")->squish()->toString();

        return new LetterText(
            new Addressee(
                $line('name'), $line('practice'), $this->string('to.address')->trim()->toString(), $line('email'),
            ),
            $this->string('subject')->squish()->toString(),
            $this->string('text')->trim()->toString(),
        );
    }

    public function channel(): Channel
    {
        return Channel::from($this->string('by')->toString());
    }

    /**
     * @return list<string> ids of referrals
     */
    public function carries(): array
    {
        return array_values(array_filter((array) $this->input('carries'), \is_string(...)));
    }
}
