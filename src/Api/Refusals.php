<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Check\Line;
use Hull\Input\InvalidInput;
use Symfony\Component\Serializer\Exception\NotNormalizableValueException;
use Symfony\Component\Validator\ConstraintViolationInterface;
use Symfony\Component\Validator\ConstraintViolationListInterface;
use Symfony\Component\Validator\Mapping\ClassMetadataInterface;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** What is wrong with a body, in our words: where it stands, what it is, what would be accepted. */
final readonly class Refusals
{
    /** By the type that is asked for: what something else is called, and what would do. */
    private const TYPES = [
        'string' => ['This is not a text.', 'a text'],
        'int' => ['This is not a whole number in range.', 'a whole number'],
        'float' => ['This is not a number.', 'a number'],
        'bool' => ['This is not a yes or no.', 'true or false'],
        'array' => ['This is not a list.', 'a list'],
    ];

    /** @param class-string $class of the body */
    public function __construct(private ValidatorInterface $validator, private string $class) {}

    /**
     * @param array<NotNormalizableValueException> $errors
     *
     * @return non-empty-list<InvalidInput>
     */
    public function ofTypes(array $errors): array
    {
        return self::some(array_map($this->ofType(...), array_values($errors)));
    }

    private function ofType(NotNormalizableValueException $error): InvalidInput
    {
        $path = (string) $error->getPath();
        $pointer = self::pointer($path);
        if ('null' === $error->getCurrentType()) {
            $name = substr((string) strrchr('/' . $pointer, '/'), 1);

            return new InvalidInput($pointer, sprintf('The field "%s" is missing.', $name), 'a value for ' . $name);
        }
        $wanted = array_values(array_diff($error->getExpectedTypes() ?? [], ['null', 'unknown']))[0] ?? '';
        [$says, $accepted] = self::TYPES[$wanted] ?? ['This is not an object.', 'an object with named fields'];

        return new InvalidInput($pointer, $says, $this->accepted($path) ?? $accepted);
    }

    /**
     * @param list<string> $names that the class does not know
     * @param array<int|string, mixed> $data
     *
     * @return non-empty-list<InvalidInput>
     */
    public function ofUnknown(array $names, array $data): array
    {
        $known = array_map(
            static fn(\ReflectionParameter $p): string => $p->getName(),
            (new \ReflectionClass($this->class))->getConstructor()?->getParameters() ?? [],
        );

        return self::some(
            array_map(static function (string $name) use ($known, $data): InvalidInput {
                $here = array_key_exists($name, $data) && !in_array($name, $known, true);

                return new InvalidInput(
                    $here ? '/' . $name : self::within($data, $name, '') ?? '/' . $name,
                    sprintf('There is no field "%s" here.', $name),
                    $here ? 'one of: ' . implode(', ', $known) : 'only the fields that are described',
                );
            }, $names),
        );
    }

    /** @return non-empty-list<InvalidInput> */
    public function ofViolations(ConstraintViolationListInterface $violations): array
    {
        return self::some(
            array_map(
                static fn(ConstraintViolationInterface $v): InvalidInput => new InvalidInput(
                    self::pointer($v->getPropertyPath()),
                    (string) $v->getMessage(),
                    is_string($v->getConstraint()?->payload) ? $v->getConstraint()->payload : '',
                ),
                iterator_to_array($violations, false),
            ),
        );
    }

    /** What the checks of a field of the body itself would accept. */
    private function accepted(string $field): ?string
    {
        $metadata = $this->validator->getMetadataFor($this->class);
        if ($metadata instanceof ClassMetadataInterface && $metadata->hasPropertyMetadata($field)) {
            foreach ($metadata->getPropertyMetadata($field) as $property) {
                foreach ($property->getConstraints() as $constraint) {
                    $accepted = $constraint instanceof Line ? $constraint->accepted() : $constraint->payload;
                    if (is_string($accepted)) {
                        return $accepted;
                    }
                }
            }
        }

        return null;
    }

    /**
     * The nearest place below the top that has a field of this name.
     *
     * @param array<int|string, mixed> $data
     */
    private static function within(array $data, string $name, string $at): ?string
    {
        foreach ($data as $key => $value) {
            if (is_array($value)) {
                $found = array_key_exists($name, $value)
                    ? "$at/$key/$name"
                    : self::within($value, $name, $at . '/' . $key);
                if (null !== $found) {
                    return $found;
                }
            }
        }

        return null;
    }

    /** "people[0].name" is "/people/0/name". */
    private static function pointer(string $path): string
    {
        return '' === $path ? '' : '/' . str_replace(['[', ']', '.'], ['/', '', '/'], $path);
    }

    /**
     * @param list<InvalidInput> $errors
     *
     * @return non-empty-list<InvalidInput>
     */
    private static function some(array $errors): array
    {
        return [] === $errors ? [new InvalidInput('', 'This cannot be used.')] : $errors;
    }
}
