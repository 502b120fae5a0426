<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Illuminate\Database\Eloquent\Model;
use ReflectionMethod;

/**
 * Boots a model's traits by the names of their methods alone. The framework looks at every method of a model for
 * attributes that nothing here uses, which took a twelfth of a save.
 *
 * @phpstan-require-extends Model
 */
trait BootsByName
{
    protected static function bootTraits(): void
    {
        $initializers = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            $name = class_basename($trait);
            if (method_exists(static::class, "boot{$name}")) {
                (new ReflectionMethod(static::class, "boot{$name}"))->invoke(null);
            }
            if (method_exists(static::class, "initialize{$name}")) {
                $initializers[] = "initialize{$name}";
            }
        }
        static::$traitInitializers[static::class] = $initializers;
    }
}
