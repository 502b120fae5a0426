<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What is asked of a weighing besides the chances; the input itself is the core's to judge. */
final class WeighRequest extends FormRequest
{
    /**
     * Only the address is looked at: the body is the input.
     *
     * @return array<array-key, mixed>
     */
    public function validationData(): array
    {
        return $this->query->all();
    }

    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['condition' => ['nullable', 'string', 'max:100'], 'order' => ['nullable', 'string', 'max:20000']];
    }

    public function condition(): string
    {
        return $this->query->getString('condition');
    }

    /**
     * @return list<string> finding ids in the order done
     */
    public function order(): array
    {
        return array_values(array_filter(
            explode(',', $this->query->getString('order')),
            static fn (string $id): bool => $id !== '',
        ));
    }
}
