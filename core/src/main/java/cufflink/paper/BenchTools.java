package cufflink.paper;

import cufflink.measure.Length;
import cufflink.measure.LengthUnit;

/**
 * The tools a maker cuts and scores with.
 *
 * @param trimmerLength the longest edge-to-edge cut
 * @param boardWidth    the scoring board's bed from the left fence
 * @param boardHeight   the bed from the top fence
 * @param grooveStep    the distance between two grooves
 * @param grain         how far the grain binds where pieces are laid out
 * @param onGrooves     whether measures that place scores are put on grooves
 * @param cutsShort     by how much pieces come off the trimmer shorter than its stop says; negative if longer
 */
public record BenchTools(Length trimmerLength, Length boardWidth, Length boardHeight, Length grooveStep,
        GrainRule grain, boolean onGrooves, Length cutsShort) {
    /** Further off than that, a trimmer is read wrongly. */
    public static final Length MOST_OFF = Length.ofMillimetres(10);
    /** A 12 in trimmer and a 12 × 12 in board with grooves every 1/8 in. */
    public static final BenchTools USUAL_INCH = new BenchTools(Length.ofInches(12), Length.ofInches(12),
            Length.ofInches(12), Length.ofInches(1, 8), GrainRule.PREFER);
    /** A 310 mm trimmer and a 300 × 300 mm board with grooves every 5 mm. */
    public static final BenchTools USUAL_METRIC = new BenchTools(Length.ofMillimetres(310), Length.ofMillimetres(300),
            Length.ofMillimetres(300),
            Length.ofMillimetres(5), GrainRule.PREFER);

    /** With scores wherever the measures place them, and a trimmer that cuts true. */
    public BenchTools(Length trimmerLength, Length boardWidth, Length boardHeight, Length grooveStep, GrainRule grain) {
        this(trimmerLength, boardWidth, boardHeight, grooveStep, grain, false, Length.ZERO);
    }

    public BenchTools withOnGrooves(boolean value) {
        return new BenchTools(trimmerLength, boardWidth, boardHeight, grooveStep, grain, value, cutsShort);
    }

    public BenchTools withCutsShort(Length value) {
        return new BenchTools(trimmerLength, boardWidth, boardHeight, grooveStep, grain, onGrooves, value);
    }

    public BenchTools withGrooveStep(Length value) {
        return new BenchTools(trimmerLength, boardWidth, boardHeight, value, grain, onGrooves, cutsShort);
    }

    /** The usual tools of a unit. */
    public static BenchTools usual(LengthUnit unit) {
        return unit == LengthUnit.INCH ? USUAL_INCH : USUAL_METRIC;
    }

    public BenchTools {
        if (!trimmerLength.isPositive() || !boardWidth.isPositive() || !boardHeight.isPositive()
                || !grooveStep.isPositive()) {
            throw new IllegalArgumentException("tool sizes must be positive");
        }
        if (cutsShort.abs().isLongerThan(MOST_OFF)) {
            throw new IllegalArgumentException("a trimmer is no further off than " + MOST_OFF + ": " + cutsShort);
        }
    }
}
