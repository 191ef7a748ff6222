<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Requests\Query;
use App\Words\TypedText;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * Everything that is typed is text: UTF-8, without what cannot be seen, and with line ends of one kind. What is not is
 * taken out, so that it reaches neither the database nor the session, and the field is named.
 *
 * A page whose address asked for what cannot be answers with 422.
 */
final class ReadableInput
{
    public function handle(Request $request, Closure $next): Response
    {
        $faults = [];
        foreach ([$request->query, $request->isJson() ? $request->json() : $request->request] as $bag) {
            assert($bag instanceof InputBag);
            $bag->replace(self::clean($bag->all(), '', $faults));
        }
        if ($faults !== [] && $request->isMethodSafe() && !$request->expectsJson()) {
            Query::fault(array_fill_keys($faults, [__('validation.unreadable')]));
        } elseif ($faults !== []) {
            throw ValidationException::withMessages(array_fill_keys($faults, __('validation.unreadable')))->status(422);
        }
        $response = $next($request);
        if ($request->attributes->get(Query::FAULTY) === true && $response->getStatusCode() === Response::HTTP_OK) {
            $response->setStatusCode(Response::HTTP_UNPROCESSABLE_ENTITY);
        }

        return $response;
    }

    /**
     * @param array<array-key, mixed> $values
     * @param list<string>            $faults fields that held what cannot be read
     *
     * @return array<array-key, mixed>
     */
    private static function clean(array $values, string $prefix, array &$faults): array
    {
        $clean = [];
        foreach ($values as $key => $value) {
            $name = TypedText::clean((string) $key);
            $field = $prefix . $name;
            if ($name !== (string) $key) {
                $faults[] = $field === '' ? 'form' : $field;
            }
            if (is_array($value)) {
                $clean[$name] = self::clean($value, $field . '.', $faults);
            } elseif (is_string($value)) {
                $value = str_replace("\r\n", "\n", $value);
                $clean[$name] = TypedText::clean($value);
                if ($clean[$name] !== $value) {
                    $faults[] = $field;
                }
            } else {
                $clean[$name] = $value;
            }
        }

        return $clean;
    }
}
