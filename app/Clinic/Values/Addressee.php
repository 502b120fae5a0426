<?php

declare(strict_types=1);

namespace App\Clinic\Values;

use App\Club\Models\Doctor;

/** Whom a letter goes to, as it says so itself: later changes of the book change no letter. */
final readonly class Addressee
{
    public function __construct(
        public string $name = '',
        public string $practice = '',
        public string $address = '',
        public string $email = '',
    ) {
    }

    public static function of(Doctor $doctor): self
    {
        ['name' => $name, 'practice' => $practice, 'address' => $address, 'email' => $email] = $doctor->content;

        return new self($name, $practice, $address, $email);
    }

    /** How the letter begins. */
    public function greeting(): string
    {
        return $this->name === '' ? __('papers.letter.dear_colleague') : __('papers.letter.dear', ['name' => $this->name]);
    }

    /**
     * As on an envelope.
     *
     * @return list<string>
     */
    public function lines(): array
    {
        $lines = [$this->name, $this->practice, ...(preg_split('/\R/u', $this->address) ?: [])];

        return array_values(array_filter(array_map(trim(...), $lines), static fn (string $line): bool => $line !== ''));
    }

    /**
     * @return array{name: string, practice: string, address: string, email: string}
     */
    public function content(): array
    {
        return [
            'name' => $this->name, 'practice' => $this->practice, 'address' => $this->address, 'email' => $this->email,
        ];
    }
}
