package cufflink.plan;

import cufflink.cut.Cut;
import cufflink.cut.CutList;
import cufflink.cut.LayoutMessages;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.Page;
import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign.Glue;
import cufflink.design.SizedDesign;
import cufflink.fit.Wish;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.Measured;
import cufflink.measure.RulerStep;
import cufflink.stack.ClosedSize;
import cufflink.stack.Leafing;
import cufflink.stack.StandingSize;
import cufflink.words.Message;
import cufflink.words.Numbered;
import cufflink.words.StepWords;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** Writes the run sheet: cut all, score all, layers, punch, fold, glue, check. */
final class RunSheet {
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
        List<RunStep> all = new ArrayList<>();
        for (Phase phase : Phase.values()) {
            sheet.phase = phase;
            sheet.steps.clear();
            sheet.write();
            all.addAll(AlikeSteps.together(plan.design(), sheet.steps));
        }
        return reminded(plan.project(),
                IntStream.range(0, all.size()).mapToObj(i -> all.get(i).numbered(i + 1)).toList());
    }

    /** With what the maker wants to be told. */
    private static List<RunStep> reminded(Project project, List<RunStep> run) {
        List<RunStep> all = new ArrayList<>(run);
        for (Reminder reminder : project.noted().reminders()) {
            int index = StepMark.find(run, reminder.step()) - 1;
            all.set(index, all.get(index).reminding(StepWords.REMEMBER.of("text", reminder.text())));
        }
        return List.copyOf(all);
    }

    private void write() {
        switch (phase) {
            case CUT -> {
                cutting();
                SoftSteps.cut(this);
            }
            case SCORE -> {
                JoinSteps.write(this);
                LayerSteps.over(this);
                ScoreSteps.write(this);
            }
            case MAT -> LayerSteps.cut(this);
            case PUNCH -> PunchSteps.write(this);
            case FOLD -> FoldingSteps.write(this);
            case GLUE -> {
                LayerSteps.glue(this);
                OrnamentSteps.first(this);
                joining();
                SoftSteps.fix(this);
                LayerSteps.glueLast(this);
                OrnamentSteps.write(this);
                putting();
                finishing();
            }
            case CHECK -> {
                leafing();
                checking();
            }
        }
    }

    Workings plan() {
        return plan;
    }

    /** Adds a step of the phase that is written, done for each copy. */
    void add(Message title, List<Message> told, Optional<Message> caution, StepSubject subject,
            List<Reading> readings) {
        List<Message> all = new ArrayList<>(told);
        if (plan.project().copies() > 1) {
            all.add(StepWords.FOR_EACH_COPY.of("copies", plan.project().copies()));
        }
        addOnce(title, all, caution, subject, readings);
    }

    /** Adds a step that is done alike with more than its subject. */
    void add(Message title, List<Message> told, StepSubject subject, List<Reading> readings,
            List<StepSubject> others) {
        add(title, told, Optional.empty(), subject, readings);
        int last = steps.size() - 1;
        steps.set(last, steps.get(last).with(others));
    }

    /** Adds a step that is done once, however many copies are made. */
    void addOnce(Message title, List<Message> told, Optional<Message> caution, StepSubject subject,
            List<Reading> readings) {
        steps.add(new RunStep(steps.size() + 1, phase, title, told, caution, subject,
                readings.stream().map(this::read).toList(), List.of()));
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

    private void cutting() {
        plan.layout().alike().forEach((layout, count) -> {
            List<Reading> readings = CutList.of(layout).stream().map(this::reading).toList();
            String name = layout.stock().name();
            String size = format.size(layout.stock().width(), layout.stock().height());
            List<Message> told = new ArrayList<>();
            told.add(count > 1 ? StepWords.CUT_SHEETS_ALIKE.of("count", count, "stock", name, "size", size)
                    : StepWords.CUT_SHEET.of("stock", name, "size", size));
            told.add(StepWords.GIVES.of("pieces", LayoutMessages.gives(layout).toLowerCase(Locale.ROOT)));
            LayoutMessages.whole(layout).ifPresent(told::add);
            if (!layout.cuts().isEmpty()) {
                told.add(layout.settings() == 1 ? StepWords.FENCE_ONCE.of()
                        : layout.settings() == 2 ? StepWords.FENCE_TWICE.of()
                        : StepWords.FENCE.of("settings", layout.settings()));
            }
            told.addAll(LayoutMessages.diagonals(layout));
            Length off = plan.project().tools().cutsShort();
            if (!off.equals(Length.ZERO) && !layout.cuts().isEmpty()) {
                told.add((off.isNegative() ? StepWords.TRIMMER_LONG : StepWords.TRIMMER_SHORT).of("by",
                        format.text(off.abs())));
            }
            addOnce(count > 1 ? StepWords.SHEETS.of("count", count, "stock", name) : StepWords.NAMED.of("what", name),
                    told, Optional.of(StepWords.TRIMMER.of()), new StepSubject.OfSheet(layout, count), readings);
        });
    }

    private Reading reading(CutList.Line line) {
        Cut cut = line.cut();
        return new Reading("cut " + cut.number(), LayoutMessages.from(line).sentence(), cut.at(), Optional.empty(),
                LayoutMessages.cut(line) + "; " + line.part() + " is " + format.size(cut.width(), cut.height()),
                Optional.empty());
    }

    private void joining() {
        // What soft pieces tie is told where they are fixed.
        Set<String> opened = new HashSet<>();
        JointOrder.of(plan).stream().filter(turn -> !isLate(turn.glue()) && turn.glue().way() != Way.TIED)
                .forEach(turn -> join(turn.glue(), fixing(turn, opened)));
    }

    /** Whether a joint closes a part round what it goes round. */
    private boolean isLate(Glue glue) {
        return glue.way() == Way.LATER
                && plan.design().apart(glue.part().piece()).filter(PartDefinition::isAround).isPresent();
    }

    /** What the hands do before a part is put on its panel, and how it lies. */
    private static List<Message> fixing(JointOrder.Turn turn, Set<String> opened) {
        List<Message> told = new ArrayList<>();
        if (turn.covered() && opened.add(turn.glue().onto().piece())) {
            told.add(StepWords.OPEN_AGAIN.of());
        }
        if (turn.part().map(PartDefinition::seat).filter(seat -> seat instanceof PartDefinition.OnPanel on
                && on.turn().isPresent()).isPresent()) {
            switch (Math.floorMod((int) Math.round(turn.glue().at().map(SizedDesign.Placing::turn).orElse(0.0)), 360)) {
                case 90 -> told.add(StepWords.LIES_A_QUARTER.of());
                case 180 -> told.add(StepWords.LIES_UPSIDE_DOWN.of());
                case 270 -> told.add(StepWords.LIES_A_QUARTER_BACK.of());
                default -> {}
            }
        }
        return told;
    }

    private void join(Glue glue, List<Message> before) {
        String panel = plan.pieces().get(glue.onto().piece()).pattern().panel(glue.onto().panel())
                .map(onto -> " of " + Numbered.withArticle(onto.label())).orElse("");
        List<Reading> readings = glue.at().filter(at -> at.turn() % 90 == 0 && glue.way() != Way.SLOT)
                .map(at -> List.of(place(glue.id() + " x", "left edge" + panel, at.at().x()),
                        place(glue.id() + " y", "top edge" + panel, at.at().y())))
                .orElse(List.of());
        List<Message> told = new ArrayList<>(before);
        told.add(StepWords.NAMED.of("what", glue.said().all()));
        told.addAll(GlueWords.edges(plan, glue));
        add(StepWords.NAMED.of("what", glue.said().title()), told, Optional.empty(), new StepSubject.OfGlue(glue),
                readings);
    }

    /** Finished parts go into their pockets and round the card when everything else is done. */
    private void putting() {
        for (SizedDesign.PutStep put : plan.design().puts()) {
            FoldingSteps.wrap(this, put.part());
            plan.design().glue().stream().filter(this::isLate).filter(glue -> plan.design().apart(glue.part().piece())
                    .filter(put.part()::equals).isPresent()).forEach(glue -> join(glue, List.of()));
            Message told = put.said().map(said -> StepWords.NAMED.of("what", said.all()))
                    .orElseGet(() -> usual(put.part()));
            Message title = put.said().map(said -> StepWords.NAMED.of("what", said.title()))
                    .orElseGet(() -> (put.part().isAround() ? StepWords.PUT_ROUND_TITLE : StepWords.PUT_INTO_TITLE)
                            .of("part", put.part().label()));
            add(title, List.of(told), Optional.empty(), new StepSubject.OfPart(put.part()), List.of());
        }
    }

    private void finishing() {
        plan.design().finish().forEach(said -> add(StepWords.NAMED.of("what", said.title()),
                List.of(StepWords.NAMED.of("what", said.all())), Optional.empty(), new StepSubject.OfCard(),
                List.of()));
    }

    private Message usual(PartDefinition part) {
        return part.seat() instanceof PartDefinition.InPocket in
                ? StepWords.PUT_INTO.of("part", part.label().toLowerCase(Locale.ROOT), "pocket", pocket(in.pocket()))
                : StepWords.PUT_ROUND.of("part", part.label().toLowerCase(Locale.ROOT));
    }

    private String pocket(String id) {
        return plan.design().pockets().stream().filter(pocket -> pocket.definition().id().equals(id)).findFirst()
                .map(pocket -> pocket.definition().label().toLowerCase(Locale.ROOT)).orElse("its pocket");
    }

    /** How far inside an edge something lies, or how far past it. */
    Reading place(String id, String edge, Length at) {
        return Reading.mark(id, (at.isNegative() ? "past the " : "from the ") + edge, at.abs(), plan.project().step(),
                Optional.empty());
    }

    private static Reading closedSize(ClosedSize closed) {
        return new Reading("closed", "closed size", closed.width(), Optional.of(closed.height()),
                "closed size = the outline of all panels of the folded card", Optional.empty());
    }

    private boolean estimated() {
        return plan.project().papers().chosen().values().stream().anyMatch(stock -> !stock.isCaliperMeasured());
    }

    private void leafing() {
        Leafing.of(plan.stacked()).ifPresent(leafing -> {
            List<Message> told = new ArrayList<>(List.of(
                    StepWords.COVERS.of("front", leafing.front().name(), "back", leafing.back().name())));
            shown(StepWords.SPREADS, leafing.spreads(), told);
            shown(StepWords.SPREADS_TURNED_OVER, leafing.turnedOver(), told);
            addOnce(StepWords.LEAF_THROUGH.of(), told, Optional.empty(), new StepSubject.OfPages(), List.of());
        });
    }

    private static void shown(StepWords words, List<Page.Spread> spreads, List<Message> told) {
        if (!spreads.isEmpty()) {
            told.add(words.of("spreads", spreads.stream().map(Page.Spread::name).toList()));
        }
    }

    private void checking() {
        Message size = plan.standing().map(this::measured).or(() -> plan.closedSize().map(this::measured))
                .orElseGet(StepWords.NOT_CLOSED_YET::of);
        addOnce(StepWords.CLOSES_HOLDS_FITS.of(), List.of(size, StepWords.NOTE_IT.of()), Optional.empty(),
                new StepSubject.OfCard(),
                plan.standing().isPresent() ? List.of()
                        : plan.closedSize().map(closed -> List.of(closedSize(closed))).orElse(List.of()));
    }

    private Message measured(StandingSize standing) {
        RulerStep ruler = plan.project().step();
        return (standing.round() ? StepWords.MEASURE_IT_OPENED : StepWords.MEASURE_IT_STANDING).of("size",
                ruler.size(standing.across(), standing.deep()), "high",
                Measured.of(standing.high(), ruler));
    }

    private Message measured(ClosedSize closed) {
        return (estimated() ? StepWords.MEASURE_IT_ROUGHLY : StepWords.MEASURE_IT).of("size",
                plan.project().step().size(closed.width(), closed.height()), "thickness",
                Measured.of(closed.thickness(), LengthFormat.of(LengthUnit.MILLIMETRE)));
    }
}
