<x-page title="What is the job?">
    <form method="post" action="/jobs" class="grid gap-4">
        @csrf
        @include('brief._form', ['job' => null])
        <div class="flex gap-3"><button class="button main">Start the job</button><a class="button" href="/">Cancel</a></div>
    </form>
    <x-form action="/jobs/bundle" enctype="multipart/form-data" hx-encoding="multipart/form-data"
        class="slab mt-6 grid gap-3 sm:grid-cols-[1fr_auto] items-start">
        <x-field name="bundle" label="Or bring a job in: a bundle from another satchel" type="file" accept=".zip,application/zip"
            hint="Whole or not at all. Nothing is copied, and no folder that it names is opened." />
        <button class="button sm:mt-6">Bring it in</button>
    </x-form>
</x-page>
