<x-page title="Trust this machine">
    <article class="grid gap-4 max-w-xl mt-4">
        @if ($certificate === null)
            <p>This machine speaks no TLS now, so there is nothing to trust. Start it with <code>--lan</code>, with Caddy installed.</p>
        @else
            <p>
                The laptop made a certificate of its own. Once this phone trusts it, the two talk encrypted, without a warning, and the
                phone knows that it is this laptop that answers.
            </p>
            <ol class="grid gap-3 list-decimal pl-6">
                <li><a class="button main" href="/trust/certificate">Get the certificate</a></li>
                <li>
                    <strong>iOS:</strong> Settings, <em>Profile downloaded</em>, <em>Install</em>. Then Settings, General, About,
                    Certificate trust settings: switch it on.
                    <br />
                    <strong>Android:</strong> Settings, Security, Encryption and credentials, Install a certificate, CA certificate,
                    and choose the file that was downloaded. (Makers put this in different places: search the settings for
                    <em>certificate</em>.)
                    <br />
                    <strong>A computer:</strong> open the file and add it to the trusted authorities, in the browser's own settings
                    where it keeps its own.
                </li>
                <li>
                    Compare: the phone shows the SHA-256 fingerprint
                    <code class="block break-all">{{ $certificate->fingerprint }}</code>
                    and the laptop shows the same one where it was started. If they differ, do not install it.
                </li>
                <li><a class="button" href="{{ $address }}">Go on to {{ $address }}</a></li>
            </ol>
            <p>
                <strong>Without it</strong> the browser warns and can be told to go on: pages, taps and lists work all the same, and what
                is sent is encrypted, but nothing tells this laptop from another that says it is.
            </p>
            <p class="text-faint text-sm">
                Whoever holds the key of this certificate could pass for any site to a phone that trusts it. The key never leaves the
                laptop (<code>storage/run/caddy</code>); take the certificate off the phone when you stop working this way. It ends on
                {{ $certificate->until->format('Y-m-d') }}.
            </p>
        @endif
    </article>
</x-page>
