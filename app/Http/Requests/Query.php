<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Contracts\Validation\Validator;
use Illuminate\Support\Facades\View;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Validation\ValidationException;

/**
 * Reads what is asked of a page in its address. A value that cannot be is named on the page, at its field; the page answers with 422 and
 * shows what it shows without that value.
 */
abstract class Query extends FormRequest
{
    /** Where a fault is noted for the middleware that sets the answer's status. */
    public const FAULTY = 'faulty_query';

    protected function failedValidation(Validator $validator): void
    {
        if ($this->expectsJson()) {
            throw new ValidationException($validator);
        }
        self::fault($validator->errors()->toArray());
        foreach ($validator->errors()->keys() as $key) {
            $this->query->remove((string) strtok((string) $key, '.'));
        }
    }

    /**
     * Notes what is wrong with an address: for the fields of its page, and for the status of the answer.
     *
     * @param array<string, list<string>> $errors messages by field
     */
    public static function fault(array $errors): void
    {
        foreach (array_keys($errors) as $key) {
            request()->query->remove((string) strtok((string) $key, '.'));
        }
        $bag = View::shared('errors');
        $bag = $bag instanceof ViewErrorBag ? $bag : new ViewErrorBag();
        $all = new MessageBag($bag->getBag('default')->toArray());
        View::share('errors', $bag->put('default', $all->merge($errors)));
        request()->attributes->set(self::FAULTY, true);
    }

    /** A text of the query that is well formed, or '' . */
    public function asked(string $key): string
    {
        return $this->text($key);
    }

    /** A number of the query, or null where it is not asked or cannot be. */
    public function askedNumber(string $key): ?float
    {
        return $this->number($key);
    }
}
