<?php

declare(strict_types=1);

namespace App\Format;

use App\Api\Check\Day;
use App\Api\Check\Line;
use App\Api\Check\OneOf;
use App\Api\Check\Several;
use App\Api\Check\Whole;
use App\Api\FromBody;
use App\Api\QueryParameters;
use App\Api\RequestBody;
use App\Api\ResponseBody;
use App\Once\WriteOnce;
use App\Security\CsrfListener;
use Hull\Catalog\Catalogue;
use Hull\Compute\Computation;
use Hull\Quantity\Message;
use Symfony\Component\Routing\RouterInterface;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\TypeResolver\TypeResolver;
use Symfony\Component\Validator\Constraint;

/** Describes the API from its routes and from the types of its view and body classes. */
final class OpenApi
{
    /** @var array<int|string, array<int|string, mixed>|null> */
    private array $schemas = [];

    private readonly TypeResolver $types;

    public function __construct(private readonly RouterInterface $router, private readonly Catalogue $shipped)
    {
        $this->types = TypeResolver::create();
    }

    /** @return array<int|string, mixed> */
    public function describe(): array
    {
        $paths = [];
        foreach ($this->router->getRouteCollection() as $name => $route) {
            $controller = $route->getDefault('_controller');
            if (!str_starts_with($route->getPath(), '/api') || !is_string($controller)) {
                continue;
            }
            [$class, $method] = explode('::', $controller);
            foreach ($route->getMethods() as $verb) {
                $paths[$route->getPath()][strtolower($verb)] = $this->operation(
                    $name,
                    $verb,
                    $route->getPath(),
                    new \ReflectionMethod($class, $method),
                );
            }
        }
        ksort($paths);
        $schemas = array_filter($this->schemas, static fn(?array $s): bool => null !== $s);
        ksort($schemas);

        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => 'Unbowed Hull',
                'version' => '1',
                'description' =>
                    'Quantities in requests are numbers in the unit of record or typed text with a unit, ' .
                    'such as "2 qt". Errors are problem documents (RFC 9457).',
            ],
            'paths' => $paths,
            'components' => ['schemas' => $schemas],
        ];
    }

    /** @return array<int|string, mixed> */
    private function operation(string $name, string $verb, string $path, \ReflectionMethod $method): array
    {
        $operation = ['operationId' => lcfirst(str_replace(' ', '', ucwords(str_replace('_', ' ', substr($name, 4)))))];
        $parameters = [];
        preg_match_all('/\{(\w+)\}/', $path, $matches);
        foreach ($matches[1] as $parameter) {
            $parameters[] = [
                'name' => $parameter,
                'in' => 'path',
                'required' => true,
                'schema' =>
                    'name' === $parameter
                        ? [
                            'enum' => array_map(
                                static fn(Computation $c): string => $c->name,
                                $this->shipped->formulas()->all(),
                            ),
                        ]
                        : (in_array($parameter, ['job', 'part', 'photo', 'tin'], true)
                            ? ['type' => 'string', 'format' => 'uuid']
                            : ['type' => 'string']),
            ];
        }
        foreach (($method->getAttributes(QueryParameters::class)[0] ?? null)?->newInstance()->names ?? [] as $name) {
            $parameters[] = ['name' => $name, 'in' => 'query', 'required' => false, 'schema' => ['type' => 'string']];
        }
        if (!in_array($verb, ['GET', 'HEAD'], true)) {
            $parameters[] = [
                'name' => WriteOnce::HEADER,
                'in' => 'header',
                'required' => false,
                'description' =>
                    'A key of its own for what is to happen once: sent again with it, the first answer comes again.',
                'schema' => ['type' => 'string', 'minLength' => 8, 'maxLength' => 100],
            ];
            $parameters[] = [
                'name' => CsrfListener::HEADER,
                'in' => 'header',
                'required' => false,
                'description' => 'The token of GET /api/session; a write without it is refused.',
                'schema' => ['type' => 'string'],
            ];
        }
        if ([] !== $parameters) {
            $operation['parameters'] = $parameters;
        }
        $body = self::body($method);
        if (null !== $body) {
            $operation['requestBody'] = [
                'required' => true,
                'content' => ['application/json' => ['schema' => $this->reference($body)]],
            ];
        } elseif (in_array($path, ['/api/jobs/import', '/api/compute/{name}'], true)) {
            $operation['requestBody'] = [
                'required' => true,
                'content' => ['application/json' => ['schema' => ['type' => 'object', 'additionalProperties' => true]]],
            ];
        }
        $answers = ($method->getAttributes(ResponseBody::class)[0] ?? null)?->newInstance();
        $status = (string) ($answers->status ?? 200);
        $view = $answers?->view;
        $operation['responses'] = [
            $status => [
                'description' => '204' === $status ? 'Done.' : 'The answer.',
                ...'204' === $status
                    ? []
                    : [
                        'content' => [
                            'application/json' => [
                                'schema' =>
                                    null === $view
                                        ? ['type' => 'object', 'additionalProperties' => true]
                                        : $this->reference($view),
                            ],
                        ],
                    ],
            ],
            'default' => [
                'description' => 'A problem document.',
                'content' => ['application/problem+json' => ['schema' => $this->reference(ProblemDocument::class)]],
            ],
        ];

        return $operation;
    }

    /** @return class-string|null what the body of a request to it is */
    private static function body(\ReflectionMethod $method): ?string
    {
        foreach ($method->getParameters() as $parameter) {
            $type = $parameter->getType();
            if ([] !== $parameter->getAttributes(FromBody::class) && $type instanceof \ReflectionNamedType) {
                /** @var class-string */
                return $type->getName();
            }
        }

        return ($method->getAttributes(RequestBody::class)[0] ?? null)?->newInstance()->body;
    }

    /**
     * @param class-string $class
     *
     * @return array<int|string, string>
     */
    private function reference(string $class): array
    {
        $name = (new \ReflectionClass($class))->getShortName();
        if (!array_key_exists($name, $this->schemas)) {
            $this->schemas[$name] = null;
            $this->schemas[$name] = $this->object(new \ReflectionClass($class));
        }

        return ['$ref' => '#/components/schemas/' . $name];
    }

    /**
     * @param \ReflectionClass<object> $class
     *
     * @return array<int|string, mixed>
     */
    private function object(\ReflectionClass $class): array
    {
        $properties = [];
        $required = [];
        foreach ($class->getConstructor()?->getParameters() ?? [] as $parameter) {
            $properties[$parameter->getName()] = [
                ...$this->schema($this->types->resolve($class->getProperty($parameter->getName()))),
                ...self::checked($class->getProperty($parameter->getName())),
            ];
            if (!$parameter->isOptional()) {
                $required[] = $parameter->getName();
            }
        }
        $comment = $class->getDocComment();
        $words = is_string($comment) ? trim((string) preg_replace('~^\s*/?\*+/?\s?|\s*\*/$~m', '', $comment)) : '';

        // Where the code breaks its lines is nothing to those who read the description; an empty line is.
        $words = (string) preg_replace('/(?<!\n)\n(?!\n)/', ' ', $words);

        return ['type' => 'object', 'description' => $words, 'required' => $required, 'properties' => $properties];
    }

    /** @return array<int|string, mixed> what the checks of a field of a body say of it */
    private static function checked(\ReflectionProperty $field): array
    {
        foreach ($field->getAttributes() as $attribute) {
            $check = is_subclass_of($attribute->getName(), Constraint::class) ? $attribute->newInstance() : null;
            $says = match (true) {
                $check instanceof Line => [...$check->empty ? [] : ['minLength' => 1], 'maxLength' => $check->most],
                $check instanceof OneOf => [
                    'enum' => [...$check->choices ?? [], ...true === $field->getType()?->allowsNull() ? [null] : []],
                ],
                $check instanceof Whole => ['minimum' => $check->least, 'maximum' => $check->most],
                $check instanceof Day => ['format' => 'date'],
                $check instanceof Several => ['maxItems' => $check->most],
                default => [],
            };
            if ([] !== $says) {
                return $says;
            }
        }

        return [];
    }

    /** @return array<int|string, mixed> */
    private function schema(Type $type): array
    {
        if ('mixed' === (string) $type) {
            return ['description' => 'any value of JSON'];
        }
        if ($type instanceof Type\NullableType) {
            $inner = $this->schema($type->getWrappedType());

            return isset($inner['$ref']) || isset($inner['anyOf'])
                ? ['anyOf' => [...is_array($inner['anyOf'] ?? null) ? $inner['anyOf'] : [$inner], ['type' => 'null']]]
                : [...$inner, 'type' => [is_string($inner['type'] ?? null) ? $inner['type'] : 'string', 'null']];
        }
        if ($type instanceof Type\UnionType) {
            // A sentence of ours is text to whoever reads it, in either form.
            $kinds = array_values(array_unique(array_map($this->schema(...), $type->getTypes()), \SORT_REGULAR));

            return 1 === count($kinds) ? $kinds[0] : ['anyOf' => $kinds];
        }
        if ($type instanceof Type\CollectionType) {
            return $type->isList()
                ? ['type' => 'array', 'items' => $this->schema($type->getCollectionValueType())]
                : ['type' => 'object', 'additionalProperties' => $this->schema($type->getCollectionValueType())];
        }
        if ($type instanceof Type\ObjectType && Message::class === $type->getClassName()) {
            return ['type' => 'string'];
        }
        if ($type instanceof Type\ObjectType) {
            /** @var class-string $class */
            $class = $type->getClassName();

            return $this->reference($class);
        }

        return [
            'type' => match ((string) $type) {
                'int' => 'integer',
                'float' => 'number',
                'bool', 'true', 'false' => 'boolean',
                'null' => 'null',
                default => 'string',
            },
        ];
    }
}
