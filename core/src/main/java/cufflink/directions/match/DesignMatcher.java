package cufflink.directions.match;

import cufflink.design.DesignDefinition;
import cufflink.design.Facts;
import cufflink.design.Given;
import cufflink.design.Value;
import cufflink.directions.Directions;
import cufflink.directions.ReadPiece;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.plan.Planner;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Finds the designs that directions may be for. */
public final class DesignMatcher {
    /** What a title that the text names is worth: as much as so many figures. */
    private static final double TITLE = 3;
    /** What a figure that differs, a measure that is set, and a piece that only one has, take away. */
    private static final double DIFFERS = 0.8;
    private static final double SET = 0.8;
    private static final double MISSING = 1.2;
    /** What a piece that the text scores nowhere takes away, and one of the text that has no scores and no likeness. */
    private static final double UNSCORED = 0.8;
    private static final double UNEXPLAINED = 0.4;
    /** What a score that is folded the same way adds, and a word that a piece has in both. */
    private static final double FOLD = 0.2;
    private static final double NAME = 0.5;
    /** Quantities are compared by the number of cards times this, so that two of three are no whole number. */
    private static final int ALL = 1000;
    /** Of card: no paper is known yet. */
    private static final Length CALIPER = Length.ofMicrometres(325);

    /** Designs that are worked out to the end: those that explain most by the equations alone. */
    private static final int WORKED_OUT = 8;

    private final List<Shapes> designs;
    private final Titles titles;

    /** @param designs those that directions may be for; what is found out about them is kept for the next text */
    public DesignMatcher(Collection<DesignDefinition> designs) {
        this.designs = designs.stream().map(Shapes::new).toList();
        this.titles = new Titles(designs);
    }

    /** The designs that explain most of the text, the best first; none where it has no piece. */
    public List<DesignMatch> rank(Directions directions) {
        List<TextPiece> texts = directions.pieces().stream().filter(DesignMatcher::hasSize).map(TextPiece::of).toList();
        RulerStep ruler = ruler(directions);
        Given start = Given.defaults(ruler, CALIPER);
        return designs.parallelStream().map(shapes -> likely(directions, shapes, start, texts))
                .filter(ways -> !ways.isEmpty())
                .sorted(Comparator.comparingDouble((List<Likely> ways) -> ways.get(0).estimate()).reversed()
                        .thenComparing(ways -> ways.get(0).id()))
                .limit(WORKED_OUT)
                .map(ways -> ways.stream().map(likely -> likely.match(texts))
                        .max(Comparator.comparingDouble(DesignMatch::worth)).orElseThrow())
                .sorted(Comparator.comparingDouble(DesignMatch::worth).reversed()
                        .thenComparing(match -> match.design().head().id()))
                .toList();
    }

    /**
     * The ways in which a design may be that of the text, the likelier first: with counts by which its pieces have the
     * scores of the text's, and with its own, where the text may have a score more or less.
     */
    private List<Likely> likely(Directions directions, Shapes shapes, Given start, List<TextPiece> texts) {
        return Stream.concat(ShapeSearch.best(shapes, start, texts).stream(), shapes.of(start).stream()).distinct()
                .map(shape -> Likely.of(titles, directions, Pairing.of(shape, texts)))
                .filter(likely -> !likely.paired().wanted().isEmpty())
                .sorted(Comparator.comparingDouble(Likely::estimate).reversed()).toList();
    }

    private static boolean hasSize(ReadPiece piece) {
        return piece.width().length().isPositive() && piece.height().length().isPositive();
    }

    /** The coarsest ruler of the text's unit on which its figures lie. */
    private static RulerStep ruler(Directions directions) {
        List<RulerStep> steps = directions.unit() == LengthUnit.INCH
                ? List.of(RulerStep.SIXTEENTH_INCH, RulerStep.THIRTY_SECOND_INCH)
                : List.of(RulerStep.MILLIMETRE, RulerStep.HALF_MILLIMETRE);
        boolean coarse = directions.pieces().stream().allMatch(piece -> steps.get(0).has(piece.width().length())
                && steps.get(0).has(piece.height().length())
                && piece.scores().stream().allMatch(score -> steps.get(0).has(score.at().length())));
        return coarse ? steps.get(0) : steps.get(1);
    }

    /** A design whose pieces are beside those of the text. */
    private record Likely(Pairing.Paired paired, double named) {
        static Likely of(Titles titles, Directions directions, Pairing.Paired paired) {
            return new Likely(paired,
                    TITLE * titles.share(directions.text(), paired.shape().sized().definition().head().title()));
        }

        String id() {
            return paired.shape().sized().definition().head().id();
        }

        double estimate() {
            return paired.estimate() + paired.slants() + named - MISSING * missing(paired.shape()).size();
        }

        private List<String> missing(Shape shape) {
            Set<String> there = paired.pieces().values().stream().flatMap(List::stream).map(DesignPiece::id)
                    .collect(Collectors.toSet());
            return shape.pieces().values().stream().filter(piece -> !there.contains(piece.id()))
                    .map(DesignPiece::label).toList();
        }

        /** Where measures ask what the card is when it is closed, that is found out, and taken into account. */
        DesignMatch match(List<TextPiece> texts) {
            Shape start = paired.shape();
            DesignMatch first = match(texts, start);
            Facts facts = Planner.facts(first.project());
            return facts.equals(Facts.NONE) ? first
                    : Shape.of(start.sized().definition(), start.given().knowing(facts))
                            .map(knowing -> match(texts, knowing))
                            .filter(second -> second.worth() >= first.worth()).orElse(first);
        }

        private DesignMatch match(List<TextPiece> texts, Shape start) {
            return match(texts, Solver.solve(start, paired.wanted()));
        }

        private DesignMatch match(List<TextPiece> texts, Solver.Solved solved) {
            List<TextPiece> left = texts.stream().filter(text -> !paired.pieces().containsKey(text)).toList();
            Layers.Found layers = Layers.of(solved.shape(), left);
            Figures figures = Figures.of(paired.wanted(), solved);
            List<DesignMatch.Figure> agrees = new ArrayList<>(figures.agrees());
            agrees.addAll(layers.agrees());
            List<DesignMatch.Figure> differs = new ArrayList<>(figures.differs());
            differs.addAll(layers.differs());
            OddLines odd = OddLines.of(paired, solved.shape());
            List<ReadPiece> onlyText = left.stream().filter(text -> !layers.texts().contains(text))
                    .map(TextPiece::read).toList();
            List<String> onlyDesign = missing(solved.shape());
            long scoredOnly = onlyText.stream().filter(piece -> !piece.scores().isEmpty()).count();
            double worth = agrees.size() - DIFFERS * differs.size() - SET * solved.set().size()
                    + FOLD * figures.folds() + paired.slants() + NAME * (paired.words() - layers.misnamed())
                    - MISSING * (onlyDesign.size() + scoredOnly + odd.unsaid.size() + odd.extra.size())
                    - UNSCORED * odd.unscored.size() - UNEXPLAINED * (onlyText.size() - scoredOnly) + named
                    - (isOneCount(layers) ? 0 : DIFFERS);
            DesignDefinition design = solved.shape().sized().definition();
            return new DesignMatch(design, solved.shape().given().step(), typed(solved), layers.settings(), agrees,
                    differs, new Unmatched(onlyText, onlyDesign, odd.unsaid, odd.extra, odd.unscored), worth);
        }

        /** Whether the text has all pieces for the same number of cards. */
        private boolean isOneCount(Layers.Found layers) {
            Stream<Integer> bases = paired.pieces().entrySet().stream()
                    .map(pair -> pair.getKey().read().quantity() * ALL / pair.getValue().size());
            Stream<Integer> mats = layers.counts().entrySet().stream()
                    .map(pair -> pair.getKey().read().quantity() * ALL / pair.getValue());
            return Stream.concat(bases, mats).distinct().count() <= 1;
        }
    }

    private static Map<String, String> typed(Solver.Solved solved) {
        Given given = solved.shape().given();
        LengthFormat format = LengthFormat.of(given.step().unit());
        Map<String, String> typed = new LinkedHashMap<>();
        given.values().forEach((name, value) -> {
            if (value instanceof Value.Word word) {
                typed.put(name, word.text());
            } else if (solved.set().containsKey(name)) {
                typed.put(name, format.text(solved.set().get(name)));
            } else if (value instanceof Value.Quantity quantity && quantity.kind() == Value.Kind.NUMBER) {
                typed.put(name, String.valueOf(Math.round(quantity.toDouble())));
            }
        });
        return typed;
    }
}
