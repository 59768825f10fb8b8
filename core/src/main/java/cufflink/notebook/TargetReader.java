package cufflink.notebook;

import cufflink.design.Measures;
import cufflink.design.PartDefinition;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.StepMark;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.Message;
import cufflink.words.NotebookWords;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads what a correction is tied to, with its change, as a maker types it; a change that the project it was learned of
 * could not take is refused.
 */
public final class TargetReader {
    private static final Pattern STEP = Pattern.compile("step (\\d{1,4})");
    private static final Pattern PART = Pattern.compile("part (\\S+)( out)?");
    private static final Pattern BORDER = Pattern.compile("border(.*)");
    private static final Pattern PAPER = Pattern.compile("paper (mat [1-9]|[^ =]+)(?: ?= ?(.+))?");
    private static final Pattern MEASURE = Pattern.compile("([A-Za-z][\\w.]*) ?(.*)");

    private final Plan plan;
    private final Function<String, Optional<Stock>> papers;

    /** {@code papers} finds a paper of the stash by its name. */
    public TargetReader(Plan plan, Function<String, Optional<Stock>> papers) {
        this.plan = plan;
        this.papers = papers;
    }

    /**
     * {@code step 7}, {@code part sleeve}, {@code part sleeve out}, {@code border +1 mm}, {@code paper card},
     * {@code paper mat 2 = Moonlight}, or a measure: {@code sleeve.height}, {@code width -1/8 in},
     * {@code width = 4 in}.
     */
    public Outcome<Target> read(String typed) {
        String what = typed.strip().replaceAll("\\s+", " ");
        Matcher match = STEP.matcher(what);
        if (match.matches()) {
            return step(Integer.parseInt(match.group(1)));
        }
        match = PART.matcher(what);
        if (match.matches()) {
            return part(match.group(1), match.group(2) != null);
        }
        match = PAPER.matcher(what);
        if (match.matches()) {
            return paper(match.group(1), Optional.ofNullable(match.group(2)));
        }
        match = BORDER.matcher(what);
        if (match.matches()) {
            return border(match.group(1).strip());
        }
        match = MEASURE.matcher(what);
        return match.matches() ? measure(match.group(1), match.group(2).replaceFirst("^= ?", ""))
                : failed(NotebookWords.TIED_TO_NOTHING.of("what", typed));
    }

    private static Outcome<Target> failed(Message why) {
        return Outcome.failed(Problem.error("", why));
    }

    /** A step by its number. */
    public Outcome<Target> step(int number) {
        return number >= 1 && number <= plan.run().size()
                ? Outcome.of(new OfStep(StepMark.of(plan.run()).get(number - 1), plan.run().get(number - 1).title()))
                : failed(NotebookWords.NO_STEP.of("step", number, "count", plan.run().size()));
    }

    /** A part by its name. */
    public Outcome<Target> part(String name, boolean leaveOut) {
        Optional<PartDefinition> part = plan.design().parts().stream().filter(one -> one.name().equals(name))
                .findFirst();
        return part.isEmpty()
                ? failed(NotebookWords.NO_PART.of("part", name, "parts",
                        plan.design().parts().stream().map(PartDefinition::name).toList()))
                : tried(new OfPart(name, part.get().label(), leaveOut));
    }

    /** The border of the layers, by a length with its sign; none if it is empty. */
    public Outcome<Target> border(String by) {
        if (by.isBlank()) {
            return Outcome.of(new OfBorder(Length.ZERO));
        }
        LengthReading<Length> read = LengthParser.read(by, plan.project().unit());
        return read.value().map(length -> tried(new OfBorder(length)))
                .orElseGet(() -> failed(read.trouble().orElseThrow()));
    }

    /** The paper of a role; with a name, one of the stash in its place. */
    public Outcome<Target> paper(String role, Optional<String> name) {
        PaperRole of = PaperRole.read(role.toLowerCase(Locale.ROOT));
        if (!plan.project().papers().chosen().containsKey(of)) {
            return failed(NotebookWords.NO_PAPER_FOR.of("role", of.title()));
        }
        if (name.isEmpty()) {
            return Outcome.of(new OfPaper(of, Optional.empty()));
        }
        return papers.apply(name.get().strip()).map(stock -> tried(new OfPaper(of, Optional.of(stock))))
                .orElseGet(() -> failed(NotebookWords.NO_SUCH_PAPER.of("paper", name.get().strip())));
    }

    /** A measure; with a sign by how much, without one what it is to be. */
    public Outcome<Target> measure(String name, String change) {
        Optional<Measures.Sized> sized = plan.measures().get(name);
        if (sized.isEmpty()) {
            return failed(NotebookWords.TIED_TO_NOTHING.of("what", name));
        }
        String typed = change.strip();
        if (typed.matches("[-−–+].*")) {
            LengthReading<Length> by = LengthParser.read(typed, plan.project().unit());
            return by.value().map(length -> tried(OfMeasure.by(name, sized.get().definition().label(), length)))
                    .orElseGet(() -> failed(by.trouble().orElseThrow()));
        }
        // A length keeps the unit that it was typed in.
        String whole = sized.get().isLength() && typed.matches(".*\\d")
                ? typed + " " + plan.project().unit().symbol() : typed;
        return tried(new OfMeasure(name, sized.get().definition().label(), whole));
    }

    private Outcome<Target> tried(Target target) {
        return target.isChange() ? target.applied(plan).then(Planner::plan).map(planned -> target)
                : Outcome.of(target);
    }
}
