<?php

declare(strict_types=1);

namespace App\Http\Requests\DayPlan;

use App\Http\Requests\FormRequest;
use App\Models\Offer;
use App\Pack\OfferText;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A customer's yes: by name, with the choices that are taken. */
final class AcceptRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:160'],
            'choices' => ['array', 'max:60'],
            'choices.*' => ['string', Rule::in((new OfferText($this->offer()))->uids())],
            'agreed' => ['accepted'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        $text = new OfferText($this->offer());

        return [
            'name.required' => $text->word('name-missing'),
            'agreed.accepted' => $text->word('agree-missing'),
            'choices.*.in' => $text->word('choice-gone'),
        ];
    }

    protected function check(Validator $validator): void
    {
        if ((new OfferText($this->offer()))->excludes($this->choices())) {
            $validator->errors()->add('choices', (new OfferText($this->offer()))->word('one-of-each'));
        }
    }

    /**
     * @return list<string> uids
     */
    public function choices(): array
    {
        return array_values(array_unique(array_filter((array) $this->input('choices', []), is_string(...))));
    }

    public function customerName(): string
    {
        return trim($this->text('name'));
    }

    private function offer(): Offer
    {
        $offer = $this->route('offer');
        assert($offer instanceof Offer);

        return $offer;
    }
}
