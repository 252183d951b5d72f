<?php

declare(strict_types=1);

namespace Tests\PhpStan;

use PhpParser\Node\Expr\MethodCall;
use PHPStan\Analyser\Scope;
use PHPStan\Reflection\MethodReflection;
use PHPStan\Type\DynamicMethodReturnTypeExtension;
use PHPStan\Type\Type;

/** A model's query stays one when it goes through a method of the plain query builder, such as orderBy. */
final class QueryKeepsItsModel implements DynamicMethodReturnTypeExtension
{
    private const FLUENT = [
        'orderBy',
        'orderByDesc',
        'orderByRaw',
        'limit',
        'whereIn',
        'whereNull',
        'whereNotNull',
        'whereBetween',
        'selectRaw',
        'groupBy',
        'join',
        'leftJoin',
    ];

    /** @param  class-string  $class the model's query or the relation */
    public function __construct(private readonly string $class)
    {
    }

    public function getClass(): string
    {
        return $this->class;
    }

    public function isMethodSupported(MethodReflection $methodReflection): bool
    {
        return in_array($methodReflection->getName(), self::FLUENT, true);
    }

    public function getTypeFromMethodCall(
        MethodReflection $methodReflection,
        MethodCall $methodCall,
        Scope $scope,
    ): Type {
        return $scope->getType($methodCall->var);
    }
}
