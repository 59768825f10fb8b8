package cufflink.plan;

import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import cufflink.words.HandWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Polygon;

/** What lies on the table while virtual hands work, what they have done, and what went wrong. Millimetres. */
final class HandTable {
    /** What a pencil and a rule may miss where a number is not rounded. */
    static final double SHARP = 0.1;
    /** What is off to both sides is further off in all. */
    static final double MITRE = 1.5;

    private final Workings plan;
    private final List<Message> faults = new ArrayList<>();
    /** What was cut from sheets, by label, as it came off the trimmer. */
    private final Map<String, List<Blank>> blanks = new HashMap<>();
    private final Map<String, HandPaper> papers = new LinkedHashMap<>();
    /** By piece: how far its sides may be off. */
    private final Map<String, Double> off = new HashMap<>();
    /** What is done once: layers cut and glued, joints, parts, ribbons. */
    private final Set<String> done = new HashSet<>();
    private final HandReach reach;

    /** A rectangle; each way it may be off by so much, millimetres. */
    record Blank(double width, double height, double slack) {
        Blank turned() {
            return new Blank(height, width, slack);
        }

        /** What lies between the fence and the blade, or beyond. */
        Blank cut(boolean upright, double at, double off, boolean near) {
            return new Blank(!upright ? width : near ? at : width - at, upright ? height : near ? at : height - at,
                    slack + off);
        }

        boolean is(Length wide, Length high, double more) {
            return isNear(width, wide, slack + more) && isNear(height, high, slack + more);
        }
    }

    HandTable(Workings plan) {
        this.plan = plan;
        this.reach = new HandReach(plan);
    }

    Workings plan() {
        return plan;
    }

    /** A fault if hands no longer get at a place on a face of a panel, in the piece's coordinates. */
    void reached(RunStep step, PanelRef on, Face face, Polygon place) {
        reach.inTheWay(on, face, place, glued()).ifPresent(panel -> outOfReach(step, panel));
    }

    /** The same of a joint. */
    void reached(RunStep step, SizedDesign.Glue glue) {
        reach.inTheWay(glue, glued()).ifPresent(panel -> outOfReach(step, panel));
    }

    private void outOfReach(RunStep step, PanelRef behind) {
        fault(HandWords.OUT_OF_REACH.of("step", step.number(), "what", step.title(), "panel",
                plan.stacked().assembly(behind.piece()).panel(behind).label()));
    }

    /** The joints that are made. */
    private List<SizedDesign.Glue> glued() {
        return plan.design().glue().stream().filter(glue -> isDone("glued " + glue.id())).toList();
    }

    List<Message> faults() {
        return faults;
    }

    void fault(Message message) {
        if (!faults.contains(message)) {
            faults.add(message);
        }
    }

    /** Once only, and by whoever may: a second time is a fault. */
    void once(String what, String label) {
        if (!done.add(what)) {
            fault(HandWords.TWICE.of("what", label));
        }
    }

    /** How far a number may be off: half a division where it is rounded to one. */
    double slack(Reading reading) {
        return reading.rounded() ? rounded() : SHARP;
    }

    /** How far a number may be off that is rounded to a division of the ruler. */
    double rounded() {
        return plan.project().step().length().toMillimetres() / 2 + SHARP;
    }

    /** How far a piece may be off after all that was done to it. */
    double off(SizedDesign.Piece piece) {
        return off.getOrDefault(piece.id(), 0.0) + slack(piece);
    }

    boolean isDone(String what) {
        return done.contains(what);
    }

    /** Sheets alike give as many. */
    void give(String label, Blank blank, int count) {
        for (int i = 0; i < count; i++) {
            blanks.computeIfAbsent(label, key -> new ArrayList<>()).add(blank);
        }
    }

    List<Blank> blanks(CutPart part) {
        return blanks.getOrDefault(part.label(), List.of());
    }

    /** A piece that has come to lie on the table, its sides off by so much at most. */
    void lay(String piece, HandPaper paper, double slack) {
        papers.put(piece, paper);
        off.put(piece, slack);
    }

    /** What lies there of a piece; nothing before something is done to it. */
    Optional<HandPaper> lying(String piece) {
        return Optional.ofNullable(papers.get(piece));
    }

    String label(String piece) {
        return plan.design().piece(piece).label();
    }

    /** A piece as it lies on the table: cut whole, or its parts once they are joined; a fault if it is not there. */
    Optional<HandPaper> paper(String piece, RunStep step) {
        if (!papers.containsKey(piece)) {
            SizedDesign.Piece wanted = plan.design().piece(piece);
            List<CutPart> parts = CutPart.of(plan.project(), wanted);
            Optional<Blank> blank = blank(parts.get(0));
            if (blank.isEmpty() || parts.size() > 1 || wanted.from().isPresent()) {
                fault(HandWords.NOT_THERE.of("piece", wanted.label(), "step", step.number()));
                return Optional.empty();
            }
            // The hands lay it as the picture shows it: its longer side where the plan has it.
            Blank lying = isNear(blank.get().width(), wanted.width().length(), blank.get().slack() + slack(wanted))
                    ? blank.get() : blank.get().turned();
            lay(piece, new HandPaper(lying.width(), lying.height()), lying.slack());
        }
        return Optional.of(papers.get(piece));
    }

    Optional<Blank> blank(CutPart part) {
        return blanks(part).stream().findFirst();
    }

    static boolean isNear(double there, Length wanted, double slack) {
        return Math.abs(there - wanted.toMillimetres()) <= slack;
    }

    /** What is cut out by hand anyhow is cut from the rectangle at the ruler's next mark. */
    double slack(SizedDesign.Piece piece) {
        return piece.cutOuts().isEmpty() ? SHARP : plan.project().step().length().toMillimetres() + SHARP;
    }
}
