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
 * @param measured what was measured of it, each once
 * @param photos   its pictures
 * @param notes    may be empty
 */
public record Learned(Map<Phase, Duration> took, List<StepNote> wrong, List<Measurement> measured, List<Photo> photos,
        String notes) {
    public static final Learned NOTHING = new Learned(Map.of(), List.of(), List.of(), List.of(), "");

    public Learned {
        took = Ordered.map(took);
        wrong = List.copyOf(wrong);
        measured = List.copyOf(measured);
        if (measured.stream().map(Measurement::what).distinct().count() < measured.size()) {
            throw new IllegalArgumentException("something is measured twice: " + measured);
        }
        photos = List.copyOf(photos);
    }

    /** The same with other pictures. */
    public Learned withPhotos(List<Photo> all) {
        return new Learned(took, wrong, measured, all, notes);
    }

    /** How long all of it took, as far as that is known. */
    public Duration tookInAll() {
        return took.values().stream().reduce(Duration.ZERO, Duration::plus);
    }
}
