<?php

declare(strict_types=1);

namespace App\Club\Http\Requests;

use App\Access\Http\Requests\MailAddress;
use App\Club\Http\Shapes\DoctorShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** Someone for the book of doctors. */
final class DoctorRequest extends ShapedRequest
{
    private const OTHERS = ['field', 'practice', 'email', 'phone'];

    protected function shape(): Definition
    {
        return DoctorShapes::newDoctor();
    }

    protected function also(): array
    {
        return ['email' => [new MailAddress]];
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
