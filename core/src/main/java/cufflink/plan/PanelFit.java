package cufflink.plan;

import cufflink.crease.Panel;
import cufflink.design.Measures;
import cufflink.design.PanelRef;
import cufflink.check.Verdict;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.paper.SheetSize;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/**
 * Finds measures with which a panel comes out in a wanted size. Each measure is moved by one mark of the ruler to see
 * what the panel makes of it; what follows from that is planned, and only what then has the size is offered.
 */
public final class PanelFit {
    /** Millimetres up to which a panel has a size. */
    private static final double SAME = 0.01;
    private static final int MOST = 4;

    /**
     * A way to have it so.
     *
     * @param set  the measures that change, by name
     * @param plan with them
     */
    public record Offer(Map<String, Length> set, Plan plan) {
        private long bad() {
            return plan.checks().stream().filter(check -> check.verdict() == Verdict.BAD).count();
        }

        /** How far its measures move in all, millimetres. */
        private double moved(Plan before) {
            return set.entrySet().stream().mapToDouble(entry -> before.measures().length(entry.getKey())
                    .minus(entry.getValue()).abs().toMillimetres()).sum();
        }
    }

    /** What a measure does to the panel, millimetres a millimetre. */
    private record Answer(String measure, double width, double height) {
    }

    private final Plan plan;
    private final PanelRef panel;
    private final List<Answer> answers;

    private PanelFit(Plan plan, PanelRef panel) {
        this.plan = plan;
        this.panel = panel;
        this.answers = answers();
    }

    /** The panels of a plan, with what they are called. */
    public static Map<PanelRef, String> panels(Plan plan) {
        Map<PanelRef, String> panels = new LinkedHashMap<>();
        plan.pieces().forEach((piece, folded) -> folded.pattern().panels()
                .forEach(one -> panels.put(new PanelRef(piece, one.id()), one.label())));
        return panels;
    }

    /** How large a panel is; absent if there is none so called. */
    public static Optional<SheetSize> size(Plan plan, PanelRef panel) {
        return Optional.ofNullable(plan.pieces().get(panel.piece()))
                .flatMap(piece -> piece.pattern().panel(panel.panel())).map(Panel::bounds)
                .map(bounds -> new SheetSize(Length.nearestToMillimetres(bounds.getWidth()),
                        Length.nearestToMillimetres(bounds.getHeight())));
    }

    /** Ways to bring a panel to a size: those with the fewest bad checks first, then those that move least. */
    public static List<Offer> offers(Plan plan, PanelRef panel, SheetSize wanted) {
        if (size(plan, panel).filter(now -> isSame(now, wanted)).isPresent()) {
            return List.of(new Offer(Map.of(), plan));
        }
        PanelFit fit = new PanelFit(plan, panel);
        List<Offer> offers = new ArrayList<>();
        fit.ways(wanted).forEach(set -> fit.tried(set, wanted).ifPresent(offers::add));
        return offers.stream()
                .sorted(Comparator.comparing(Offer::bad).thenComparing(offer -> offer.moved(plan))).limit(MOST)
                .toList();
    }

    private static boolean isSame(SheetSize one, SheetSize other) {
        return one.width().minus(other.width()).abs().toMillimetres() <= SAME
                && one.height().minus(other.height()).abs().toMillimetres() <= SAME;
    }

    private List<Answer> answers() {
        List<Answer> found = new ArrayList<>();
        Envelope now = bounds(plan).orElse(new Envelope());
        double step = plan.project().step().length().toMillimetres();
        for (Measures.Sized sized : plan.measures().shown()) {
            if (sized.definition().canBeSet() && sized.isLength()) {
                Map<String, Length> moved = Map.of(sized.definition().name(),
                        sized.length().plus(plan.project().step().length()));
                with(moved).flatMap(this::bounds).ifPresent(then -> {
                    Answer answer = new Answer(sized.definition().name(), (then.getWidth() - now.getWidth()) / step,
                            (then.getHeight() - now.getHeight()) / step);
                    if (Math.abs(answer.width()) > SAME || Math.abs(answer.height()) > SAME) {
                        found.add(answer);
                    }
                });
            }
        }
        return found;
    }

    private Optional<Envelope> bounds(Plan of) {
        return Optional.ofNullable(of.pieces().get(panel.piece()))
                .flatMap(piece -> piece.pattern().panel(panel.panel())).map(Panel::bounds);
    }

    private Optional<Plan> with(Map<String, Length> set) {
        Project project = plan.project();
        for (Map.Entry<String, Length> entry : set.entrySet()) {
            project = project.withSet(entry.getKey(), ExactText.of(entry.getValue()));
        }
        return Planner.plan(project).value();
    }

    /** One measure for the width and one for the height, or only the one that is wrong. */
    private List<Map<String, Length>> ways(SheetSize wanted) {
        Envelope now = bounds(plan).orElse(new Envelope());
        double width = wanted.width().toMillimetres() - now.getWidth();
        double height = wanted.height().toMillimetres() - now.getHeight();
        List<Map<String, Length>> across = Math.abs(width) <= SAME ? List.of(Map.of())
                : answers.stream().filter(one -> Math.abs(one.width()) > SAME && Math.abs(one.height()) <= SAME)
                        .map(one -> moved(one.measure(), width / one.width())).toList();
        List<Map<String, Length>> down = Math.abs(height) <= SAME ? List.of(Map.of())
                : answers.stream().filter(one -> Math.abs(one.height()) > SAME && Math.abs(one.width()) <= SAME)
                        .map(one -> moved(one.measure(), height / one.height())).toList();
        List<Map<String, Length>> ways = new ArrayList<>();
        across.forEach(one -> down.forEach(other -> {
            Map<String, Length> both = new LinkedHashMap<>(one);
            both.putAll(other);
            ways.add(both);
        }));
        return ways;
    }

    private Map<String, Length> moved(String measure, double by) {
        return Map.of(measure, plan.measures().length(measure).plus(Length.nearestToMillimetres(by)));
    }

    private Optional<Offer> tried(Map<String, Length> set, SheetSize wanted) {
        if (set.values().stream().anyMatch(Length::isNegative)) {
            return Optional.empty();
        }
        return with(set).filter(found -> size(found, panel).filter(now -> isSame(now, wanted)).isPresent())
                .map(found -> new Offer(set, found));
    }
}
