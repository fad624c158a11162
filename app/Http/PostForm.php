<?php

declare(strict_types=1);

namespace App\Http;

/**
 * The Blade directive @post($url, $method) … @endpost: a small form that htmx sends and whose answer
 * replaces the page's work region. Compiled in place, since a plan has a hundred of them.
 */
final class PostForm
{
    /** @param  string  $expression the directive's arguments, PHP */
    public static function open(string $expression): string
    {
        return '<?php [$postTo, $postAs] = ['.
            $expression.
            ', \'post\']; ?>'.
            '<form method="post" action="<?php echo e($postTo); ?>" hx-post="<?php echo e($postTo); ?>" hx-target="#work" '.
            'hx-select="#work" hx-swap="outerHTML show:none">'.
            '<input type="hidden" name="_token" value="<?php echo $postToken ??= csrf_token(); ?>" autocomplete="off">'.
            '<?php if ($postAs !== \'post\') { ?><input type="hidden" name="_method" value="<?php echo e($postAs); ?>"><?php } ?>';
    }
}
