<?php

declare(strict_types=1);

namespace App\Api;

use App\Problem\Refused;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\Serializer\Exception\ExtraAttributesException;
use Symfony\Component\Serializer\Exception\PartialDenormalizationException;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/**
 * Makes the argument of an action that is marked FromBody. A field that is null is one that is not there; text is
 * trimmed; a field nobody knows is refused, so that a misspelt one is never silently dropped.
 */
final readonly class BodyResolver implements ValueResolverInterface
{
    public function __construct(
        private YardContext $desk,
        private DenormalizerInterface $serializer,
        private ValidatorInterface $validator,
    ) {}

    /**
     * @return list<object>
     *
     * @throws Refused with everything that is wrong in it
     */
    public function resolve(Request $request, ArgumentMetadata $argument): array
    {
        $class = $argument->getType();
        if ([] === $argument->getAttributesOfType(FromBody::class) || null === $class || !class_exists($class)) {
            return [];
        }
        $this->desk->exists($request->attributes);
        $node = JsonBody::of($request);
        $node->fields();

        return [$this->read(self::tidied((array) $node->value), $class)];
    }

    /**
     * @param array<int|string, mixed> $data
     * @param class-string $class
     */
    private function read(array $data, string $class): object
    {
        $refusals = new Refusals($this->validator, $class);
        try {
            $body = $this->serializer->denormalize($data, $class, 'json', [
                'allow_extra_attributes' => false,
                DenormalizerInterface::COLLECT_DENORMALIZATION_ERRORS => true,
            ]);
        } catch (PartialDenormalizationException $e) {
            throw new Refused($refusals->ofTypes($e->getErrors()));
        } catch (ExtraAttributesException $e) {
            throw new Refused($refusals->ofUnknown(array_values($e->getExtraAttributes()), $data));
        }
        assert(is_object($body));
        $violations = $this->validator->validate($body);
        if (count($violations) > 0) {
            throw new Refused($refusals->ofViolations($violations));
        }

        return $body;
    }

    /**
     * @param array<int|string, mixed> $value
     *
     * @return array<int|string, mixed>
     */
    private static function tidied(array $value): array
    {
        $tidy = array_map(
            static fn(mixed $v): mixed => match (true) {
                is_string($v) => trim($v),
                is_array($v) => self::tidied($v),
                default => $v,
            },
            $value,
        );

        return array_is_list($tidy) ? $tidy : array_filter($tidy, static fn(mixed $v): bool => null !== $v);
    }
}
