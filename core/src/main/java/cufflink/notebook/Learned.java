package cufflink.notebook;

import cufflink.plan.Phase;
import cufflink.problem.Ordered;
import java.time.Duration;
import java.util.List;
import java.util.Map;

/**
 * What a maker noted of something that was made.
 *
 * @param took     how long a phase took, where that is known
 * @param wrong    what went wrong
 * @param measured what was measured of it
 * @param shots    its pictures
 * @param notes    may be empty
 */
public record Learned(Map<Phase, Duration> took, List<StepNote> wrong, List<Measured> measured, List<Shot> shots,
        String notes) {
    public static final Learned NOTHING = new Learned(Map.of(), List.of(), List.of(), List.of(), "");

    public Learned {
        took = Ordered.map(took);
        wrong = List.copyOf(wrong);
        measured = List.copyOf(measured);
        shots = List.copyOf(shots);
    }

    /** The same with other pictures. */
    public Learned withShots(List<Shot> all) {
        return new Learned(took, wrong, measured, all, notes);
    }

    /** How long all of it took, as far as that is known. */
    public Duration tookInAll() {
        return took.values().stream().reduce(Duration.ZERO, Duration::plus);
    }
}
