<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

use NorthSatchel\Kit\SaveMode;

/**
 * A simulated body with two slots. It writes real files in DCF folders (CIPA DC-009) and remembers its
 * settings and its frame counter between uses, as a camera does.
 */
final class StandInCamera
{
    private const FRAMES_A_FOLDER = 9999;

    private const FOLDER_NAME = 'OSTVK';

    private const FILE_NAME = 'OSTV';

    private function __construct(private readonly string $memory, private readonly string $serial, private CameraSettings $settings) {}

    public static function of(string $standIns, string $serial): self
    {
        $memory = "{$standIns}/cameras/{$serial}.json";

        return new self($memory, $serial, CameraSettings::load($memory));
    }

    public function settings(): CameraSettings
    {
        return $this->settings;
    }

    public function set(CameraSettings $settings): void
    {
        $this->settings = $settings;
        $this->settings->save($this->memory);
    }

    /**
     * Fires; the files of each frame go to the cards as the save mode says.
     *
     * @param  array{string, string}  $cards  folders of slot 1 and 2
     * @param  list<Exposure>  $exposures
     * @param  array<int, array{int, Fault}>  $faults  slot and fault by index of the exposure
     * @return int frames taken
     */
    public function shoot(array $cards, array $exposures, array $faults = []): int
    {
        $maker = new FrameMaker($this->settings->model, $this->serial, $this->settings->rawKb);
        foreach ($exposures as $index => $exposure) {
            $number = $this->settings->nextNumber;
            $files = [];
            if ($this->settings->raw) {
                $files['DNG'] = $maker->raw($exposure, $this->settings->clockErrorS, $number, ! $this->settings->jpeg);
            }
            if ($this->settings->jpeg) {
                $files['JPG'] = $maker->jpeg($exposure, $this->settings->clockErrorS, $number);
            }
            foreach ($files as $ending => $bytes) {
                foreach ($this->slotsFor($ending, $index, count($exposures)) as $slot) {
                    $fault = ($faults[$index][0] ?? null) === $slot ? $faults[$index][1] : null;
                    $this->put($cards[$slot - 1], $ending, $fault === null ? $bytes : $fault->strike($bytes), $exposure);
                }
            }
            $this->countOn();
        }
        $this->settings->save($this->memory);

        return count($exposures);
    }

    /** The raw file of another picture, as long as the others of this body. */
    public function another(int $number, Exposure $exposure): string
    {
        return (new FrameMaker($this->settings->model, $this->serial, $this->settings->rawKb))->raw(
            $exposure,
            $this->settings->clockErrorS,
            $number,
            ! $this->settings->jpeg,
        );
    }

    /**
     * Formats a card in this body. A stand-in card's old contents are set aside under another name, so
     * that no mistake of this program can lose a picture.
     */
    public function format(string $card, string $setAside): void
    {
        if (! is_dir($setAside)) {
            mkdir($setAside, 0777, true);
        }
        $old = $setAside.'/'.basename($card).'-'.bin2hex(random_bytes(4));
        if (is_dir($card) && ! rename($card, $old)) {
            throw new \RuntimeException("{$card} could not be set aside.");
        }
        mkdir($card, 0777, true);
    }

    /** @return list<int> */
    private function slotsFor(string $ending, int $index, int $count): array
    {
        return match ($this->settings->mode) {
            SaveMode::Mirror => [1, 2],
            SaveMode::Split => $ending === 'DNG' ? [1] : [2],
            SaveMode::Overflow => [$index * 2 < $count ? 1 : 2],
        };
    }

    private function put(string $card, string $ending, ?string $bytes, Exposure $exposure): void
    {
        $folder = sprintf('%s/DCIM/%03d%s', $card, $this->settings->folder, self::FOLDER_NAME);
        if (! is_dir($folder)) {
            mkdir($folder, 0777, true);
        }
        if ($bytes === null) {
            return;
        }
        $file = sprintf('%s/%s%04d.%s', $folder, self::FILE_NAME, $this->settings->nextNumber, $ending);
        $handle = fopen($file, 'xb');
        if ($handle === false) {
            throw new \RuntimeException("{$file} is there already; a camera never overwrites a frame.");
        }
        fwrite($handle, $bytes);
        fclose($handle);
        touch($file, $exposure->at + $this->settings->clockErrorS);
    }

    private function countOn(): void
    {
        $rollsOver = $this->settings->nextNumber >= self::FRAMES_A_FOLDER;
        $this->settings = $this->settings->with(
            nextNumber: $rollsOver ? 1 : $this->settings->nextNumber + 1,
            folder: $this->settings->folder + ($rollsOver ? 1 : 0),
        );
    }
}
