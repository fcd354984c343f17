<?php

declare(strict_types=1);

namespace App\Tests\Architecture;

use PhpParser\Node;
use PhpParser\Node\Arg;
use PhpParser\Node\Expr\CallLike;
use PhpParser\Node\Expr\MethodCall;
use PhpParser\Node\Expr\New_;
use PhpParser\Node\Expr\StaticCall;
use PhpParser\Node\Identifier;
use PhpParser\Node\Name;
use PHPStan\Analyser\Scope;
use PHPStan\Reflection\ExtendedMethodReflection;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;
use PHPStan\Type\ObjectType;

/**
 * No call of a method or constructor passes more than six arguments by place: the seventh is where nobody counts any
 * more.
 *
 * @implements Rule<CallLike>
 */
final class NamedArguments implements Rule
{
    private const MOST = 6;

    public function getNodeType(): string
    {
        return CallLike::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        if ($node->isFirstClassCallable()) {
            return [];
        }
        $placed = array_filter($node->getArgs(), static fn(Arg $a): bool => null === $a->name && !$a->unpack);
        $method = count($placed) > self::MOST ? self::method($node, $scope) : null;
        if (null === $method || $method->getVariants()[0]->isVariadic()) {
            return [];
        }
        $error = RuleErrorBuilder::message(sprintf('%d arguments by place; name them.', count($placed)));

        return [$error->identifier('hull.namedArguments')->build()];
    }

    private static function method(CallLike $call, Scope $scope): ?ExtendedMethodReflection
    {
        [$type, $name] = match (true) {
            $call instanceof New_ && $call->class instanceof Name => [
                new ObjectType($scope->resolveName($call->class)),
                '__construct',
            ],
            $call instanceof StaticCall && $call->class instanceof Name && $call->name instanceof Identifier => [
                new ObjectType($scope->resolveName($call->class)),
                $call->name->toString(),
            ],
            $call instanceof MethodCall && $call->name instanceof Identifier => [
                $scope->getType($call->var),
                $call->name->toString(),
            ],
            default => [null, ''],
        };

        return null !== $type && $type->hasMethod($name)->yes() ? $type->getMethod($name, $scope) : null;
    }
}
