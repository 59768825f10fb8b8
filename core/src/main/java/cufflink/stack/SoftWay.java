package cufflink.stack;

import cufflink.design.Soft;
import cufflink.measure.Length;
import java.util.List;

/**
 * A soft piece with the length to cut, held against its way in the closed card and in every pose.
 *
 * @param length  to cut
 * @param lies    how it lies in each state that it can be measured in, the closed card first; empty where the design
 *                says no way
 * @param beside  points of its way that are not on their panel, by number from 1
 * @param pierces points at which it would go through paper where there is neither an edge nor a hole
 */
public record SoftWay(Soft soft, Length length, List<Lie> lies, List<Integer> beside, List<Integer> pierces) {
    public SoftWay {
        lies = List.copyOf(lies);
        beside = List.copyOf(beside);
        pierces = List.copyOf(pierces);
    }

    /** Whether its length follows from where it goes, or is held against that. */
    public boolean isMeasured() {
        return soft.wind().isPresent() || soft.way().size() > 1;
    }

    /**
     * In one state.
     *
     * @param state the closed card or a pose, as shown
     * @param way   along its points
     * @param slack what it has more than the way between its fixed points; below 0 it is too short
     */
    public record Lie(String state, Length way, Length slack) {
    }
}
