<?php

declare(strict_types=1);

namespace App\Http;

use BackedEnum;
use Illuminate\Contracts\Routing\UrlRoutable;
use Illuminate\Http\Request;
use Illuminate\Routing\RouteCollectionInterface;
use Illuminate\Routing\UrlGenerator;

/**
 * Addresses of named routes. A page of a job asks for some two hundred, of a few names: each is made once by the framework, with marks for
 * what stands in it, and the marks are replaced; what is named is asked behind it. Whatever is not plain is left to the framework.
 */
final class Links extends UrlGenerator
{
    /** A value that stands in an address as it is. */
    private const PLAIN = '/^[A-Za-z0-9._-]+$/D';

    /** @var array<string, false|list<string>> what stands around the values, by name and count; false: the framework makes it */
    private array $shapes = [];

    /**
     * @param BackedEnum|string $name
     * @param mixed             $parameters
     * @param bool              $absolute
     */
    public function route($name, $parameters = [], $absolute = true): string
    {
        $parameters = is_array($parameters) ? $parameters : [$parameters];
        $asked = array_filter($parameters, is_string(...), ARRAY_FILTER_USE_KEY);
        $values = is_string($name) ? self::plain(array_diff_key($parameters, $asked)) : null;
        $around = $values === null ? false : $this->shapes[$name . count($values) . ($absolute ? '' : '/')] ??= $this->shape(
            (string) $name,
            count($values),
            $absolute,
        );
        if ($around === false || $values === null) {
            return parent::route($name, $parameters, $absolute);
        }
        foreach ($asked as $key => $value) {
            if (!is_string($value) || preg_match(self::PLAIN, $key . $value) !== 1) {
                return parent::route($name, $parameters, $absolute);
            }
            $asked[$key] = "$key=$value";
        }
        $url = $around[0];
        foreach ($values as $k => $value) {
            $url .= $value . $around[$k + 1];
        }

        return $asked === [] ? $url : $url . '?' . implode('&', $asked);
    }

    /** Another request may have another host. */
    public function setRequest(Request $request): void
    {
        $this->shapes = [];
        parent::setRequest($request);
    }

    public function setRoutes(RouteCollectionInterface $routes): static
    {
        $this->shapes = [];

        return parent::setRoutes($routes);
    }

    /**
     * @param array<int, mixed> $parameters
     *
     * @return ?list<string> null: something is not plain
     */
    private static function plain(array $parameters): ?array
    {
        $plain = [];
        foreach ($parameters as $value) {
            $value = $value instanceof UrlRoutable ? $value->getRouteKey() : $value;
            if (!is_int($value) && (!is_string($value) || preg_match(self::PLAIN, $value) !== 1)) {
                return null;
            }
            $plain[] = (string) $value;
        }

        return $plain;
    }

    /**
     * @return false|list<string>
     */
    private function shape(string $name, int $count, bool $absolute): false|array
    {
        $route = $this->routes->getByName($name);
        $uri = $route?->uri() ?? '';
        if ($route === null || $route->getDomain() !== null || substr_count($uri, '{') !== $count || preg_match('/[?:]|[^ -~]/', $uri) === 1
            || (!$absolute && $this->request->getBaseUrl() !== '')) {
            return false;
        }
        $path = $uri === '/' && $absolute ? '' : '/' . ltrim($uri, '/');

        return preg_split('/\{[^}]+\}/', ($absolute ? $this->formatRoot($this->formatScheme()) : '') . $path) ?: false;
    }
}
