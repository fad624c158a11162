<x-page title="What is the job?">
    <form method="post" action="/jobs" class="grid gap-4">
        @csrf
        @include('brief._form', ['job' => null])
        <div class="flex gap-3"><button class="button main">Start the job</button><a class="button" href="/">Cancel</a></div>
    </form>
</x-page>
