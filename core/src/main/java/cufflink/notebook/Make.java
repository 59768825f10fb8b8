package cufflink.notebook;

import cufflink.design.Measures;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Something that was made.
 *
 * @param id      in the notebook; 0 before it is there
 * @param at      when it was made
 * @param name    of the project
 * @param design  its title
 * @param copies  how many were made
 * @param project as it was, in the form of a project file: opened again, it is the same project
 * @param figures its measures, size and papers as they were then; a design's file may change
 * @param learned what the maker noted
 */
public record Make(long id, Instant at, String name, String design, int copies, String project, List<Figure> figures,
        Learned learned) {
    /** In a project file, a ruler in inches. */
    private static final Pattern INCHES = Pattern.compile("\"ruler\"\\s*:\\s*\"[^\"]*in\"");

    public Make {
        figures = List.copyOf(figures);
    }

    /** A plan that was carried out. */
    public static Make of(Plan plan, String project, Instant at) {
        return new Make(0, at, plan.project().name(), plan.design().definition().title(), plan.project().copies(),
                project, figures(plan), Learned.NOTHING);
    }

    static List<Figure> figures(Plan plan) {
        List<Figure> figures = new ArrayList<>();
        plan.size().ifPresent(size -> figures.add(new Figure("Size", size.sentence())));
        plan.workings().closedSize().ifPresent(size -> figures.add(new Figure("Thickness",
                LengthFormat.of(LengthUnit.MILLIMETRE).text(size.thickness()))));
        for (Measures.Sized sized : plan.measures().shown()) {
            figures.add(new Figure(sized.definition().label(), sized.text(plan.format())));
        }
        Project project = plan.project();
        project.papers().chosen().forEach((role, stock) -> figures.add(new Figure("Paper, " + role, stock.name() + ", "
                + plan.format().size(stock.width(), stock.height()) + stock.measuredCaliper()
                        .map(caliper -> ", " + LengthFormat.of(LengthUnit.MILLIMETRE).text(caliper)).orElse(""))));
        project.envelope().ifPresent(envelope -> figures.add(new Figure("Envelope", envelope.name() + ", "
                + plan.format().size(envelope.width(), envelope.height()))));
        return figures;
    }

    /** The same under the number that the notebook gave it. */
    public Make numbered(long given) {
        return new Make(given, at, name, design, copies, project, figures, learned);
    }

    /** The same with what the maker noted. */
    public Make with(Learned noted) {
        return new Make(id, at, name, design, copies, project, figures, noted);
    }

    /** The unit that it was made in. */
    public LengthUnit unit() {
        return INCHES.matcher(project).find() ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
    }

    /** Whether every word is found somewhere in it, in any order; a size may be written {@code 13 × 18} or 13x18. */
    public boolean isFound(String words) {
        String all = plain(String.join(" ", said().toList()));
        return Stream.of(plain(words).split(" ")).filter(Predicate.not(String::isBlank)).allMatch(all::contains);
    }

    private Stream<String> said() {
        return Stream.of(Stream.of(name, design, learned.notes(), at.toString()),
                figures.stream().flatMap(figure -> Stream.of(figure.what(), figure.value())),
                learned.wrong().stream().flatMap(note -> Stream.of(note.title(), note.text())),
                learned.next().stream().flatMap(one -> Stream.of(one.text(), one.target().said())),
                learned.photos().stream().map(Photo::caption))
                .flatMap(texts -> texts);
    }

    /** Small letters, single spaces, and no space about the sign between two sides. */
    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ").replaceAll("(?<=\\d) ?[x×] ?(?=\\d)", "x").strip();
    }
}
