<?php

declare(strict_types=1);

namespace App\Club\Http\Requests;

use App\Access\Http\Requests\MailAddress;
use Illuminate\Foundation\Http\FormRequest;

/** Somebody for the book of doctors. */
final class DoctorRequest extends FormRequest
{
    private const OTHERS = ['field', 'practice', 'email', 'phone'];

    /**
     * @return array<string, list<string|MailAddress>>
     */
    public function rules(): array
    {
        $line = static fn (int $most): array => ['sometimes', 'nullable', 'string', "max:{$most}"];

        return [
            'name' => ['required', 'string', 'max:120'],
            'field' => $line(80),
            'practice' => $line(160),
            'address' => $line(400),
            'email' => [...$line(200), new MailAddress],
            'phone' => $line(40),
        ];
    }

    /**
     * @return array{name: string, field: string, practice: string, address: string, email: string, phone: string}
     */
    public function content(): array
    {
        $line = fn (string $name): string => $this->string($name)->squish()->toString();

        return [
            'name' => $line('name'), 'address' => $this->string('address')->trim()->toString(),
            ...array_combine(self::OTHERS, array_map($line, self::OTHERS)),
        ];
    }
}
