<?php

declare(strict_types=1);

namespace App\Models\Copies;

use App\Models\Record;

/**
 * A place that copies go to.
 *
 * @property int $id
 * @property string $name
 * @property string $folder
 * @property string $kept
 * @property string $device_kind  ssd, disk or cloud
 * @property string|null $account  whose password opens it
 * @property float $mb_per_s
 * @property string $route  who writes to it
 * @property string|null $mark  what was left on it, by which it is known again
 * @property string|null $medium_said  what its owner calls the medium, where the system says nothing
 * @property string|null $medium_words  why, in writing
 */
final class Destination extends Record
{
    /** The route of what this program writes. */
    public const OURS = 'this program';

    /** Of places that came in with a bundle: what is said of them is believed once it was looked through here. */
    public const TOLD = 'another satchel';

    public const KINDS = ['ssd', 'disk', 'cloud'];

    protected $guarded = [];
}
