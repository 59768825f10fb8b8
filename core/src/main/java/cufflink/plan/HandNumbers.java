package cufflink.plan;

import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * The numbers of a step, as they are read for one of the things that it is done with.
 *
 * @param names how that is called in the step's numbers which is done like its first
 */
record HandNumbers(RunStep step, HandNames names) {
    /** The number of an id; absent if the step has none. */
    Optional<Reading> of(String id) {
        String called = names.called(id);
        return step.readings().stream().filter(reading -> reading.id().equals(called)).findFirst();
    }

    /** How far off may lie what these numbers place: those of which the names begin so. */
    double slack(String id, ToDoubleFunction<Reading> slack) {
        String called = names.called(id);
        return step.readings().stream().filter(reading -> reading.id().startsWith(called)).mapToDouble(slack).max()
                .orElse(HandTable.SHARP);
    }
}
