package cufflink.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solver;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/**
 * An independent judge: edge-to-edge cutting as a constraint problem of its own, given to a general solver. Every sheet
 * is a tree of joins, two parts side by side or one above the other; n pieces on s sheets are n − s joins. Nothing of
 * the planner is used.
 */
final class CuttingJudge {
    /** A piece, in whole units. */
    record Rectangle(int width, int height, boolean mayTurn) {
    }

    private final List<Rectangle> pieces;
    private final int width;
    private final int height;

    CuttingJudge(List<Rectangle> pieces, int width, int height) {
        this.pieces = pieces;
        this.width = width;
        this.height = height;
    }

    /** Whether the pieces come out of so many sheets; absent if the solver could not tell in time. */
    Optional<Boolean> fits(int sheets, String time) {
        Model model = new Model();
        List<IntVar> widths = new ArrayList<>();
        List<IntVar> heights = new ArrayList<>();
        for (Rectangle piece : pieces) {
            BoolVar turned = model.boolVar();
            widths.add(piece.mayTurn() ? side(model, turned, piece.width(), piece.height(), width)
                    : model.intVar(piece.width()));
            heights.add(piece.mayTurn() ? side(model, turned, piece.height(), piece.width(), height)
                    : model.intVar(piece.height()));
        }
        List<IntVar> children = new ArrayList<>();
        List<BoolVar> ways = new ArrayList<>();
        for (int join = 0; join < pieces.size() - sheets; join++) {
            IntVar first = model.intVar(0, pieces.size() + join - 1);
            IntVar second = model.intVar(0, pieces.size() + join - 1);
            model.arithm(first, "<", second).post();
            if (join > 0) {
                // Joins can always be numbered so that their later children follow each other: one order of many.
                model.arithm(children.get(children.size() - 1), "<", second).post();
            }
            BoolVar beside = model.boolVar();
            IntVar w = model.intVar(1, width);
            IntVar h = model.intVar(1, height);
            IntVar w1 = of(model, widths, first, width);
            IntVar w2 = of(model, widths, second, width);
            IntVar h1 = of(model, heights, first, height);
            IntVar h2 = of(model, heights, second, height);
            model.ifThenElse(beside, model.and(model.arithm(w1, "+", w2, "=", w), model.max(h, h1, h2)),
                    model.and(model.arithm(h1, "+", h2, "=", h), model.max(w, w1, w2)));
            widths.add(w);
            heights.add(h);
            children.add(first);
            children.add(second);
            ways.add(beside);
        }
        if (!children.isEmpty()) {
            model.allDifferent(children.toArray(new IntVar[0])).post();
        }
        Solver solver = model.getSolver();
        if (!children.isEmpty()) {
            IntVar[] decisions = Stream.of(children.stream(), ways.stream(), widths.stream(), heights.stream())
                    .flatMap(each -> each).toArray(IntVar[]::new);
            solver.setSearch(Search.inputOrderLBSearch(decisions));
        }
        solver.limitTime(time);
        boolean found = solver.solve();
        return found ? Optional.of(true) : solver.isStopCriterionMet() ? Optional.empty() : Optional.of(false);
    }

    private static IntVar side(Model model, BoolVar turned, int asDrawn, int whenTurned, int room) {
        IntVar side = model.intVar(new int[] {Math.min(asDrawn, whenTurned), Math.max(asDrawn, whenTurned)});
        model.element(side, new int[] {asDrawn, whenTurned}, turned).post();
        model.arithm(side, "<=", room).post();
        return side;
    }

    private static IntVar of(Model model, List<IntVar> sides, IntVar index, int room) {
        IntVar side = model.intVar(1, room);
        model.element(side, sides.toArray(new IntVar[0]), index, 0).post();
        return side;
    }
}
