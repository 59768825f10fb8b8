package cufflink.plan;

import cufflink.cut.Cut;
import cufflink.cut.CutList;
import cufflink.cut.LayoutWords;
import cufflink.design.SizedDesign.Glue;
import cufflink.fit.Wish;
import cufflink.fold.FoldStage;
import cufflink.fold.FoldedPiece;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.stack.ClosedSize;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** Writes the run sheet: cut all, score all, layers, punch, fold, glue, check. */
final class RunSheet {
    private static final String TRIMMER = "Guard down, fingers behind it; lock the blade when you leave it.";

    private final Workings plan;
    private final LengthFormat format;
    private final boolean keepsFiner;
    private final List<RunStep> steps = new ArrayList<>();
    private Phase phase = Phase.CUT;

    private RunSheet(Workings plan) {
        this.plan = plan;
        this.format = plan.format();
        this.keepsFiner = isFiner(plan);
    }

    static List<RunStep> of(Workings plan) {
        RunSheet sheet = new RunSheet(plan);
        for (Phase phase : Phase.values()) {
            sheet.phase = phase;
            sheet.write();
        }
        return List.copyOf(sheet.steps);
    }

    private void write() {
        switch (phase) {
            case CUT -> cutting();
            case SCORE -> ScoreSteps.write(this);
            case MAT -> LayerSteps.cut(this);
            case PUNCH -> PunchSteps.write(this);
            case FOLD -> FoldingSteps.write(this);
            case GLUE -> {
                LayerSteps.glue(this);
                joining();
            }
            case CHECK -> checking();
        }
    }

    Workings plan() {
        return plan;
    }

    /** Adds a step of the phase that is written after those there are. */
    void add(String title, String text, String caution, StepSubject subject, List<Reading> readings) {
        steps.add(new RunStep(steps.size() + 1, phase, title, text, caution, subject,
                readings.stream().map(this::read).toList()));
    }

    /**
     * A number as the hands read it: on the ruler, or marked as rounded; what the maker set finer than the ruler stays
     * as it is where it can be read at all.
     */
    Reading read(Reading reading) {
        RulerStep ruler = plan.project().step();
        boolean kept = keepsFiner && format.isReadable(reading.length())
                && reading.size().map(format::isReadable).orElse(true);
        return kept ? reading : reading.onRuler(ruler);
    }

    /** Whether the maker set a size that lies between the marks of the ruler. */
    private static boolean isFiner(Workings plan) {
        RulerStep ruler = plan.project().step();
        boolean wished = plan.project().wish() instanceof Wish.FinishedSize size
                && !(ruler.has(size.width()) && ruler.has(size.height()));
        return wished || plan.measures().all().stream()
                .anyMatch(sized -> sized.byHand() && sized.isLength() && !ruler.has(sized.length()));
    }

    /** For how many copies a step is done; empty for one. */
    String times() {
        return plan.project().copies() > 1 ? " Do this for each of the " + plan.project().copies() + " copies." : "";
    }

    private void cutting() {
        LayoutWords.alike(plan.layout()).forEach((layout, count) -> {
            List<Reading> readings = CutList.of(layout).stream().map(this::reading).toList();
            String pieces = LayoutWords.gives(layout).toLowerCase(Locale.ROOT);
            String sheet = layout.stock().name() + ", " + format.size(layout.stock().width(), layout.stock().height());
            String title = count > 1 ? count + " sheets of " + layout.stock().name() : layout.stock().name();
            String whole = LayoutWords.whole(layout).isEmpty() ? "" : " " + LayoutWords.whole(layout);
            String fence = layout.cuts().isEmpty() ? ""
                    : " The fence is set " + (layout.settings() == 1 ? "once." : layout.settings() + " times.");
            String text = (count > 1 ? "Cut " + count + " sheets alike: " : "Cut ") + sheet + ". It gives " + pieces
                    + "." + whole + fence + LayoutWords.diagonals(layout);
            add(title, text, TRIMMER, new StepSubject.OfSheet(layout, count), readings);
        });
    }

    private Reading reading(CutList.Line line) {
        Cut cut = line.cut();
        return new Reading("cut " + cut.number(), LayoutWords.from(line), cut.at(), Optional.empty(),
                LayoutWords.cut(line) + "; " + line.part() + " is " + format.size(cut.width(), cut.height()),
                Optional.empty());
    }

    private void joining() {
        for (Glue glue : plan.design().glue()) {
            String panel = plan.pieces().get(glue.onto().piece()).pattern().panel(glue.onto().panel())
                    .map(onto -> " of the " + onto.label()).orElse("");
            List<Reading> readings = glue.at().filter(at -> at.turn() % 90 == 0)
                    .map(at -> List.of(place(glue.id() + " x", "left edge" + panel, at.at().x()),
                            place(glue.id() + " y", "top edge" + panel, at.at().y())))
                    .orElse(List.of());
            add(glue.said().title(), glue.said().all() + GlueWords.edges(plan, glue) + times(), "",
                    new StepSubject.OfGlue(glue), readings);
        }
    }

    /** How far inside an edge something lies, or how far past it. */
    private Reading place(String id, String edge, Length at) {
        return Reading.mark(id, (at.isNegative() ? "past the " : "from the ") + edge, at.abs(), plan.project().step(),
                Optional.empty());
    }

    private Reading closedSize() {
        ClosedSize closed = plan.closedSize().orElseThrow();
        return new Reading("closed", "closed size", closed.width(), Optional.of(closed.height()),
                "closed size = the outline of all panels of the folded card", Optional.empty());
    }

    private boolean estimated() {
        return plan.project().papers().chosen().values().stream().anyMatch(stock -> !stock.isCaliperMeasured());
    }

    private void checking() {
        String size = plan.stack().isEmpty() ? "It does not close yet: see the checks."
                : "Closed it should measure "
                        + plan.closedSize().map(closed -> plan.project().step().size(closed.width(), closed.height()))
                                .orElseThrow()
                        + " and be "
                        + LengthFormat.of(LengthUnit.MILLIMETRE).text(plan.stack().get().thickness()) + " thick"
                        + (estimated() ? ", as estimated from the papers' weights." : ".");
        List<Reading> readings = plan.stack().isEmpty() ? List.of() : List.of(closedSize());
        add("Closes, holds, fits", size + " Note what to change next time.", "", new StepSubject.OfCard(),
                readings);
    }
}
