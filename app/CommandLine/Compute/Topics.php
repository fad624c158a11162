<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use App\CommandLine\Refusal;
use NorthSatchel\ImpossibleValue;

/** The topics of `satchel compute`, and who answers each. */
final class Topics
{
    /** @var array<string, \Closure(\stdClass): array<string, mixed>> */
    private readonly array $answers;

    public function __construct()
    {
        $this->answers = [
            'sun' => LightTopics::sun(...),
            'sun-day' => LightTopics::sunDay(...),
            'shadow' => LightTopics::shadow(...),
            'exposure' => ExposureTopics::exposure(...),
            'flash' => ExposureTopics::flash(...),
            'motion-blur' => ExposureTopics::motionBlur(...),
            'depth-of-field' => OpticsTopics::depthOfField(...),
            'field-of-view' => OpticsTopics::fieldOfView(...),
            'rows' => OpticsTopics::rows(...),
            'frames-needed' => PeopleTopics::framesNeeded(...),
            'formals-order' => PeopleTopics::formalsOrder(...),
            'team-schedule' => PeopleTopics::teamSchedule(...),
            'timeline' => PlanTopics::timeline(...),
            'replan' => PlanTopics::replan(...),
            'day' => DayTopics::day(...),
            'rehearse' => PlanTopics::rehearse(...),
            'cover' => EventTopics::cover(...),
            'sends' => EventTopics::sends(...),
            'setup-order' => StudioTopics::setupOrder(...),
            'keepers' => StudioTopics::keepers(...),
            'learn' => StudioTopics::learn(...),
            'card-budget' => KitTopics::cardBudget(...),
            'lose-one' => KitTopics::loseOne(...),
            'battery-budget' => KitTopics::batteryBudget(...),
        ];
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->answers);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws ImpossibleValue
     */
    public function answer(string $topic, \stdClass $input): array
    {
        return ($this->answers[$topic] ?? throw Refusal::of('topic', 'must be one of '.implode(', ', $this->names())))($input);
    }
}
