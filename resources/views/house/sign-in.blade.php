<x-page title="Sign in">
    <form method="post" action="/sign-in" class="grid gap-4 max-w-sm slab mt-4">
        @csrf
        <x-field name="email" label="E-mail" type="email" required autofocus autocomplete="username" />
        <x-field name="password" label="Password" type="password" required autocomplete="current-password" />
        <button class="button main">Sign in</button>
        <p class="text-faint text-sm">Private by default: nothing of your jobs is shown without signing in.</p>
    </form>
</x-page>
