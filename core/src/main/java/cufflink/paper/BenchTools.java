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
 */
public record BenchTools(Length trimmerLength, Length boardWidth, Length boardHeight, Length grooveStep,
        GrainRule grain, boolean onGrooves) {
    /** A 12 in trimmer and a 12 × 12 in board with grooves every 1/8 in. */
    public static final BenchTools USUAL_INCH = new BenchTools(Length.ofInches(12), Length.ofInches(12),
            Length.ofInches(12), Length.ofInches(1, 8), GrainRule.PREFER);
    /** A 310 mm trimmer and a 300 × 300 mm board with grooves every 5 mm. */
    public static final BenchTools USUAL_METRIC = new BenchTools(Length.ofMillimetres(310), Length.ofMillimetres(300),
            Length.ofMillimetres(300),
            Length.ofMillimetres(5), GrainRule.PREFER);

    /** With scores wherever the measures place them. */
    public BenchTools(Length trimmerLength, Length boardWidth, Length boardHeight, Length grooveStep, GrainRule grain) {
        this(trimmerLength, boardWidth, boardHeight, grooveStep, grain, false);
    }

    public BenchTools withOnGrooves(boolean value) {
        return new BenchTools(trimmerLength, boardWidth, boardHeight, grooveStep, grain, value);
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
    }
}
