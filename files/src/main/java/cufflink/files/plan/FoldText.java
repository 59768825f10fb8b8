package cufflink.files.plan;

import cufflink.design.PartDefinition;
import cufflink.design.PartPlace;
import cufflink.design.Side;
import cufflink.design.SizedDesign;
import cufflink.drawing.WhatShows;
import cufflink.fold.FoldStage;
import cufflink.fold.FoldedPiece;
import cufflink.fold.Folder;
import cufflink.fold.LayerProblem;
import cufflink.fold.PosedCard;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.plan.PartOffers;
import cufflink.plan.Plan;
import cufflink.problem.Problem;
import cufflink.stack.ClosedSize;
import cufflink.stack.ClosedStack;
import cufflink.stack.PartSizes;
import cufflink.stack.PocketSpace;
import cufflink.stack.StackedDesign;
import java.util.Collection;
import java.util.OptionalLong;
import java.util.stream.Collectors;

/** What the fold engine proved of a plan, as plain text. */
public final class FoldText {
    private final Plan plan;
    private final StringBuilder text = new StringBuilder();

    private FoldText(Plan plan) {
        this.plan = plan;
    }

    /** The text; {@code counted} also counts in how many orders the layers could lie. */
    public static String of(Plan plan, boolean counted) {
        FoldText fold = new FoldText(plan);
        fold.heading();
        plan.pieces().values().forEach(fold::piece);
        plan.closed().ifPresent(flat -> fold.line("Layers, front to back: " + flat.order().stream()
                .map(panel -> flat.state().assembly().panel(panel).label()).collect(Collectors.joining(", ")) + "."));
        if (counted) {
            fold.count();
        }
        plan.poses().forEach(fold::pose);
        plan.stack().ifPresent(fold::stack);
        fold.parts();
        for (Problem fault : plan.faults()) {
            fold.line("✕ " + fault.text());
        }
        return fold.text.toString();
    }

    private void line(String line) {
        text.append(line).append('\n');
    }

    private void heading() {
        int panels = plan.assembly().panels().size();
        int loops = new Folder(plan.assembly()).loops();
        line(plan.design().definition().title() + ": " + panels + " panels, " + loops
                + (loops == 1 ? " loop, " : " loops, ")
                + (plan.closed().isPresent() ? "closes flat." : "does not close flat."));
    }

    private void piece(FoldedPiece piece) {
        if (!piece.stages().isEmpty()) {
            line(plan.design().piece(piece.pattern().piece()).label()
                    + (piece.proposed() ? ", a sequence proposed:" : ":"));
            for (FoldStage stage : piece.stages()) {
                line("  " + stage.step().said().all() + " (" + String.join(", ", stage.step().creases()) + ")");
            }
        }
    }

    private void count() {
        OptionalLong count = plan.closed().map(flat -> LayerProblem.of(flat.state()).count())
                .orElse(OptionalLong.of(0));
        line(count.isPresent()
                ? "The layers could lie in " + count.getAsLong() + (count.getAsLong() == 1 ? " order." : " orders.")
                : "There are too many orders to count; the search was stopped.");
    }

    private void pose(PosedCard posed) {
        boolean free = posed.state().value().isPresent() && posed.obstacle().isEmpty();
        line((free ? "✓ " : "✕ ") + "Pose “" + posed.name() + "”"
                + (free ? ": nothing in the way." : " cannot be taken."));
        if (posed.state().value().isPresent()) {
            shows("  ", WhatShows.posed(plan, posed));
        }
    }

    private void stack(ClosedStack stack) {
        LengthFormat millimetres = LengthFormat.of(LengthUnit.MILLIMETRE);
        line("Thickest: " + millimetres.text(stack.thickness()) + ".");
        stack.enclosed().forEach((crease, thickness) -> {
            if (thickness.isPositive()) {
                line("Crease " + crease + " goes round " + millimetres.text(thickness) + ".");
            }
        });
        for (PocketSpace space : stack.spaces()) {
            line("Pocket before the " + plan.assembly().panel(space.behind().get(0)).label()
                    + ": closed at the " + sides(space.closed()) + ", open at the "
                    + sides(space.open()) + ", " + plan.format().size(plan.project().step().nearest(space.width()),
                            plan.project().step().nearest(space.depth()))
                    + " deep.");
        }
        shows("", WhatShows.closed(stack));
    }

    /** What lies in pockets and goes round the card, closed. */
    private void parts() {
        StackedDesign stacked = plan.workings().stacked();
        for (SizedDesign.PutStep put : plan.design().puts()) {
            PartDefinition part = put.part();
            plan.design().main(part).flatMap(piece -> stacked.wholeSize(piece.id()))
                    .ifPresent(size -> line(part.label() + " " + PartOffers.words(plan, PartPlace.of(part)) + ": "
                            + size(size) + " closed."));
        }
        if (plan.design().puts().stream().anyMatch(put -> put.part().isAround())) {
            PartSizes.of(stacked).whole().ifPresent(size -> line("With what goes round it: " + size(size) + "."));
        }
    }

    private String size(ClosedSize size) {
        return plan.project().step().size(size.width(), size.height()) + ", "
                + LengthFormat.of(LengthUnit.MILLIMETRE).text(size.thickness()) + " thick";
    }

    /** As the card is held. */
    private String sides(Collection<Side> sides) {
        return Side.words(sides.stream().map(plan.design().definition().held()::seen).toList());
    }

    private void shows(String indent, WhatShows shows) {
        line(indent + "From the front: " + WhatShows.words(shows.front()) + ".");
        line(indent + "From the back: " + WhatShows.words(shows.back()) + ".");
    }
}
