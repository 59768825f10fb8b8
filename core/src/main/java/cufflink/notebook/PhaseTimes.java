package cufflink.notebook;

import cufflink.plan.Phase;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** How long the phases of a design take a maker, from what the notebook has of it. */
public final class PhaseTimes {
    private PhaseTimes() {
    }

    /**
     * Seconds a copy, by phase: of all makes of a design in which the phase was timed, their seconds over their copies.
     * A phase that nobody timed is not there.
     *
     * @param design the title of the design, as makes have it
     */
    public static Map<Phase, Double> perCopy(List<Make> makes, String design) {
        Map<Phase, Long> seconds = new EnumMap<>(Phase.class);
        Map<Phase, Integer> copies = new EnumMap<>(Phase.class);
        makes.stream().filter(make -> make.design().equals(design))
                .forEach(make -> make.learned().took().forEach((phase, time) -> {
                    seconds.merge(phase, time.toSeconds(), Long::sum);
                    copies.merge(phase, make.copies(), Integer::sum);
                }));
        Map<Phase, Double> times = new EnumMap<>(Phase.class);
        seconds.forEach((phase, sum) -> times.put(phase, (double) sum / copies.get(phase)));
        return times;
    }
}
