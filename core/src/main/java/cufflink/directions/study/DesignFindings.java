package cufflink.directions.study;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.directions.Claim;
import cufflink.directions.Directions;
import cufflink.directions.Edit;
import cufflink.directions.PieceName;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.Said;
import cufflink.directions.Span;
import cufflink.directions.finding.Finding;
import cufflink.directions.finding.Finding.Grade;
import cufflink.directions.finding.Near;
import cufflink.directions.match.DesignMatch;
import cufflink.directions.match.DesignMatch.Figure;
import cufflink.directions.match.Unmatched;
import cufflink.measure.Length;
import cufflink.plan.Plan;
import cufflink.problem.Outcome;
import cufflink.words.FindingWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;

/** What a design says of directions that are for it: figures that it has otherwise, and whether it can be made so. */
final class DesignFindings {
    /** So many figures must agree for each that does not, before the one that does not is called a fault. */
    private static final int AGREE_FOR_ONE = 4;
    /** Figures beyond those that measures were found from, without which a design says nothing of a text. */
    private static final int FEWEST = 3;
    /** As before, without which a score more or less may be another design. */
    private static final int FEWEST_FOR_SCORE = 5;
    /** A closed size may be said in whole millimetres or eighths of an inch. */
    private static final Length ROUNDED = Length.ofInches(1, 8);
    /** How many there are says nothing of how large they are. */
    private static final String COUNT = "count";
    /** Checks that say whether paper folds and lies flat; of tools, sheets and contents directions say nothing. */
    private static final List<String> OF_FOLDS = List.of("closes", "pose-", "stays-inside");

    private final Directions directions;
    private final DesignMatch match;
    private final Outcome<Plan> plan;
    private final List<Finding> known;
    private final boolean rivalled;

    /** {@code rivalled}: another design contradicts nothing, so that only pieces of the same name are compared. */
    DesignFindings(Directions directions, DesignMatch match, Outcome<Plan> plan, List<Finding> known,
            boolean rivalled) {
        this.directions = directions;
        this.match = match;
        this.plan = plan;
        this.known = known;
        this.rivalled = rivalled;
    }

    /** What the text alone says, with the design's values where it has none, and what only the design says. */
    List<Finding> all() {
        if (match.agrees().size() - match.set().size() < FEWEST) {
            return known;
        }
        List<Finding> all = new ArrayList<>();
        known.forEach(finding -> all.add(withValue(finding)));
        long doubted = match.differs().stream().filter(Figure::isPossible).count();
        if (doubted * AGREE_FOR_ONE <= match.agrees().size()) {
            match.differs().stream().filter(figure -> !isKnown(figure.said().span()))
                    .filter(figure -> !rivalled || isSameName(figure)).map(this::other)
                    .forEach(all::add);
        }
        if (match.differs().isEmpty()) {
            oddScores().forEach(all::add);
            all.addAll(notMade());
        }
        return all;
    }

    /** One score that only the text or only the design has, where all else is as the design has it. */
    private Stream<Finding> oddScores() {
        List<Unmatched.Line> unsaid = match.only().unsaid();
        List<Unmatched.Line> extra = match.only().extra();
        boolean sure = unsaid.size() + extra.size() == 1 && !rivalled && match.only().text().isEmpty()
                && match.agrees().size() - match.set().size() >= FEWEST_FOR_SCORE;
        if (!sure) {
            return Stream.empty();
        }
        return Stream.concat(unsaid.stream().map(line -> odd(line, FindingWords.NOT_SCORED)
                .suggesting(line.said().span(), line.inItsPlace())),
                extra.stream().filter(line -> !isKnown(line.said().span()))
                        .map(line -> odd(line, FindingWords.NOT_IN_DESIGN)));
    }

    private Finding odd(Unmatched.Line line, FindingWords words) {
        return Finding.of(Grade.UNLIKELY, "design",
                words.of("design", title(), "piece", lower(line.piece()), "value", line.written()),
                List.of(line.said().span()), List.of(line.written()));
    }

    private boolean isSameName(Figure figure) {
        Set<String> words = PieceName.of(figure.piece()).words();
        return directions.pieces().stream().filter(piece -> figures(piece).contains(figure.said().span()))
                .anyMatch(piece -> !Collections.disjoint(words, PieceName.of(piece.name()).words()));
    }

    private Finding withValue(Finding finding) {
        Span place = finding.places().get(0);
        return finding.suggestion().isPresent() ? finding
                : match.differs().stream().filter(figure -> figure.said().span().equals(place)).findFirst()
                        .map(figure -> finding.suggesting(place, Near.like(figure.design(), figure.said())))
                        .orElse(finding);
    }

    /** Whether the text alone has something against a figure, or against another of its piece. */
    private boolean isKnown(Span span) {
        return isFound(span) || directions.pieces().stream().filter(piece -> figures(piece).contains(span))
                .flatMap(piece -> figures(piece).stream()).anyMatch(this::isFound);
    }

    private boolean isFound(Span span) {
        return known.stream().filter(finding -> !finding.kind().equals(COUNT))
                .flatMap(finding -> Stream.concat(finding.places().stream(),
                        finding.suggestion().map(Edit::place).stream()))
                .anyMatch(place -> place.from() < span.to() && span.from() < place.to());
    }

    private static List<Span> figures(ReadPiece piece) {
        return Stream.concat(Stream.of(piece.width(), piece.height()), piece.scores().stream().map(ReadScore::at))
                .map(Said::span).toList();
    }

    private Finding other(Figure figure) {
        String value = Near.like(figure.design(), figure.said());
        return Finding.of(Grade.UNLIKELY, "design",
                other(figure, value),
                List.of(figure.said().span()), List.of(Near.text(figure.said()), value))
                .suggesting(figure.said().span(), value);
    }

    private Message other(Figure figure, String value) {
        FindingWords words = figure.what() == DesignMatch.What.SCORE ? FindingWords.SCORE_OTHER_IN_DESIGN
                : FindingWords.OTHER_IN_DESIGN;
        return words == FindingWords.SCORE_OTHER_IN_DESIGN
                ? words.of("said", Near.text(figure.said()), "piece", lower(figure.piece()), "design", title(),
                        "value", value)
                : words.of("said", Near.text(figure.said()), "what", figure.what().adjective(), "piece",
                        lower(figure.piece()), "design", title(), "value", value);
    }

    private String title() {
        return match.design().title();
    }

    private static String lower(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toLowerCase(Locale.ROOT) + text.substring(1);
    }

    /** Why the design cannot be made with the figures of the text, if it cannot. */
    private List<Finding> notMade() {
        Span whole = match.agrees().get(0).said().span();
        if (plan.value().isEmpty()) {
            return plan.problems().stream().limit(1).map(problem -> Finding.of(Grade.CANNOT_BE, "design",
                    FindingWords.NO_SUCH_DESIGN.of("design", title(), "why", problem.message().sentence()),
                    List.of(whole), List.of())).toList();
        }
        List<Finding> all = new ArrayList<>(closed(plan.value().get()));
        plan.value().get().checks().stream().filter(check -> check.verdict() == Verdict.BAD)
                .filter(DesignFindings::isOfFolds)
                .map(check -> Finding.of(Grade.CANNOT_BE, "fold",
                        FindingWords.NO_SUCH_DESIGN.of("design", title(), "why", check.text()), List.of(whole),
                        List.of()))
                .forEach(all::add);
        return all;
    }

    /** A closed size that is not that of the card, whichever way it is held. */
    private List<Finding> closed(Plan made) {
        Optional<Length> width = made.closedWidth();
        Optional<Length> height = made.closedHeight();
        if (width.isEmpty() || height.isEmpty()) {
            return List.of();
        }
        return directions.claims().stream().filter(Claim.Closed.class::isInstance).map(Claim.Closed.class::cast)
                .filter(claim -> !isSize(claim, width.get(), height.get())
                        && !isSize(claim, height.get(), width.get()))
                .map(claim -> Finding.of(Grade.UNLIKELY, "closed size",
                        FindingWords.OTHER_CLOSED.of("said", Near.size(claim.width(), claim.height()), "design",
                                title(), "size", made.format().size(width.get(), height.get())),
                        List.of(claim.span()), List.of(made.format().size(width.get(), height.get()))))
                .toList();
    }

    private static boolean isSize(Claim.Closed claim, Length width, Length height) {
        return isNear(claim.width(), width) && isNear(claim.height(), height);
    }

    private static boolean isNear(Said said, Length length) {
        return !said.length().minus(length).abs().isLongerThan(ROUNDED);
    }

    private static boolean isOfFolds(Check check) {
        return OF_FOLDS.stream().anyMatch(check.id()::startsWith);
    }
}
