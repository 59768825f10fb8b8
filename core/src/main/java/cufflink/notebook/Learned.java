package cufflink.notebook;

import cufflink.plan.Phase;
import cufflink.problem.Ordered;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What a maker noted of something that was made.
 *
 * @param took     how long a phase took, where that is known
 * @param wrong    what went wrong
 * @param measured what was measured of it, each once
 * @param photos   its pictures
 * @param next     what is to be different next time, each once
 * @param notes    may be empty
 */
public record Learned(Map<Phase, Duration> took, List<StepNote> wrong, List<Measurement> measured, List<Photo> photos,
        List<Correction> next, String notes) {
    public static final Learned NOTHING = new Learned(Map.of(), List.of(), List.of(), List.of(), List.of(), "");

    public Learned {
        took = Ordered.map(took);
        wrong = List.copyOf(wrong);
        measured = List.copyOf(measured);
        if (measured.stream().map(one -> one.what() + one.label()).distinct().count() < measured.size()) {
            throw new IllegalArgumentException("something is measured twice: " + measured);
        }
        photos = List.copyOf(photos);
        next = List.copyOf(next);
        if (next.stream().map(Correction::key).distinct().count() < next.size()) {
            throw new IllegalArgumentException("a correction is there twice: " + next);
        }
    }

    /** The same with other pictures. */
    public Learned withPhotos(List<Photo> all) {
        return new Learned(took, wrong, measured, all, next, notes);
    }

    /** The same with something else that went wrong. */
    public Learned with(StepNote note) {
        List<StepNote> more = new ArrayList<>(wrong);
        more.add(note);
        return new Learned(took, more, measured, photos, next, notes);
    }

    /** The same with more time for a phase. */
    public Learned with(Phase phase, Duration more) {
        Map<Phase, Duration> longer = new EnumMap<>(Phase.class);
        longer.putAll(took);
        longer.merge(phase, more, Duration::plus);
        return new Learned(longer, wrong, measured, photos, next, notes);
    }

    /** The same with a correction in the place of the one with its key. */
    public Learned with(Correction decided) {
        return new Learned(took, wrong, measured, photos,
                next.stream().map(one -> one.key().equals(decided.key()) ? decided : one).toList(), notes);
    }

    /** How long all of it took, as far as that is known. */
    public Duration tookInAll() {
        return took.values().stream().reduce(Duration.ZERO, Duration::plus);
    }
}
