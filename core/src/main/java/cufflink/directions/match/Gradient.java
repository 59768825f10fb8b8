package cufflink.directions.match;

import cufflink.design.DesignDefinition;
import cufflink.design.Given;
import cufflink.design.Measure;
import cufflink.design.Measure.Role;
import cufflink.design.Measures;
import cufflink.design.Value;
import cufflink.measure.Length;
import java.math.BigInteger;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * How the figures of a design change with each length that can be set, found by working it out with that length changed
 * a little. Between roundings that is exact: formulas are straight lines there.
 */
final class Gradient {
    /**
     * Marks of the ruler by which a measure is moved: halves, quarters and eighths of that stay on the ruler. Where a
     * limit is in the way it is made less, or moved by less.
     */
    private static final List<Integer> MARKS = List.of(16, -16, 4, -4);

    private final Shape shape;
    private final List<Move> moves;

    /** A measure that was changed by some length, and what came of it. */
    private record Move(Measure measure, Length by, Shape to) {
        /** How much of the change a length takes part in. */
        BigFraction share(Length before, Optional<Length> after) {
            long change = after.orElse(before).minus(before).nanometres();
            return change == 0 ? BigFraction.ZERO
                    : BigFraction.of(BigInteger.valueOf(change), BigInteger.valueOf(by.nanometres()));
        }
    }

    private Gradient(Shape shape, List<Move> moves) {
        this.shape = shape;
        this.moves = List.copyOf(moves);
    }

    static Gradient of(Shape shape) {
        List<Measure> measures = settable(shape.sized().definition());
        return new Gradient(shape, measures.stream()
                .flatMap(measure -> MARKS.stream().flatMap(marks -> move(shape, measure, marks).stream()).limit(1))
                .toList());
    }

    private static Optional<Move> move(Shape shape, Measure measure, int marks) {
        Length by = shape.given().step().length().times(marks);
        Optional<Length> other = length(shape, measure).map(by::plus).filter(Length::isPositive);
        return other.flatMap(to -> Shape
                .of(shape.sized().definition(), shape.given().with(measure.name(), Value.length(to)))
                .filter(moved -> length(moved, measure).equals(other)).map(moved -> new Move(measure, by, moved)));
    }

    /** Finished sizes first, then shares of them, allowances last: those are seldom changed. */
    static List<Measure> settable(DesignDefinition design) {
        return design.measures().stream().filter(Measure::canBeSet)
                .sorted(Comparator.comparingInt(measure -> order(measure.role()))).toList();
    }

    private static int order(Role role) {
        return switch (role) {
            case FINISHED_WIDTH, FINISHED_HEIGHT -> 0;
            case PROPORTION -> 1;
            default -> 2;
        };
    }

    static Optional<Length> length(Shape shape, Measure measure) {
        return shape.sized().measures().get(measure.name()).filter(Measures.Sized::isLength)
                .map(Measures.Sized::length);
    }

    /** No equations yet; one that is off by less than a mark of the ruler is as good as any. */
    Elimination start() {
        return new Elimination(moves.size(), BigFraction.of(shape.given().step().length().nanometres()));
    }

    /** As before, where the measure of one unknown stays as it is. */
    Elimination startWithout(int unknown) {
        return Elimination.holding(unknown, moves.size(), BigFraction.of(shape.given().step().length().nanometres()));
    }

    /** How many measures can be found. */
    int unknowns() {
        return moves.size();
    }

    /** Adds an equation for each figure that the design has at all. */
    void require(Collection<Wanted> wanted, Elimination into) {
        wanted.forEach(one -> require(one, into));
    }

    /** Tells whether the figure was what an unknown was solved from. */
    boolean require(Wanted wanted, Elimination into) {
        Optional<Length> here = wanted.in(shape.pieces()).filter(any -> wanted.pair().isPossible());
        if (here.isEmpty()) {
            return false;
        }
        BigFraction[] row = new BigFraction[moves.size()];
        for (int k = 0; k < row.length; k++) {
            row[k] = moves.get(k).share(here.get(), wanted.in(moves.get(k).to().pieces()));
        }
        return into.add(row, BigFraction.of(wanted.pair().text().minus(here.get()).nanometres()));
    }

    /** With what the equations were solved for; measures that they leave as the design has them are not set. */
    Given with(Elimination solved) {
        List<BigFraction> steps = solved.solution();
        Given next = shape.given();
        for (int k = 0; k < moves.size(); k++) {
            Measure measure = moves.get(k).measure();
            if (solved.isSolved(k) && steps.get(k).signum() != 0) {
                Length now = length(shape, measure).orElseThrow();
                BigFraction value = BigFraction.of(now.nanometres());
                for (int j = 0; j < moves.size(); j++) {
                    value = value.add(moves.get(j).share(now, length(moves.get(j).to(), measure))
                            .multiply(steps.get(j)));
                }
                next = next.with(measure.name(), Value.length(Length.ofNanometres(Math.round(value.doubleValue()))));
            }
        }
        return next;
    }
}
