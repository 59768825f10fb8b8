package cufflink.directions.match;

import cufflink.directions.PieceName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Says which piece of the text is which of the design: those with most scores first, by their scores, names and
 * figures; each is laid the way round in which most figures agree with as few measures set as can be.
 */
final class Pairing {
    /** What a word that both names have is worth, beside a figure that agrees. */
    private static final double WORD = 0.6;
    /** What a piece with scores that only one of both has takes away. */
    private static final double ODD = 1.2;

    private final Shape shape;
    private final Map<TextPiece, List<DesignPiece>> found = new LinkedHashMap<>();
    private final Map<TextPiece, Lie> lies = new LinkedHashMap<>();
    private final Set<String> taken = new HashSet<>();
    private final List<Wanted> wanted = new ArrayList<>();
    private Elimination equations;
    /** Pieces with scores that only one of both has. */
    private int odd;

    private Pairing(Shape shape) {
        this.shape = shape;
        this.equations = shape.gradient().start();
    }

    /**
     * Pieces of the text beside those of the design.
     *
     * @param lies     how those of the text lie on those of the design
     * @param estimate figures that agree, less those that do not and the measures that it takes, by the equations alone
     */
    record Paired(Shape shape, Map<TextPiece, List<DesignPiece>> pieces, Map<TextPiece, Lie> lies,
            List<Wanted> wanted, double estimate) {
        /** Pieces with slanting scores in both, less those that have them in one. */
        int slants() {
            return (int) pieces.entrySet().stream().filter(pair -> pair.getKey().slanted())
                    .filter(pair -> pair.getValue().get(0).slanted()).count()
                    - (int) pieces.entrySet().stream()
                            .filter(pair -> pair.getKey().slanted() != pair.getValue().get(0).slanted()).count();
        }

        /** Words that pieces have in both. */
        int words() {
            return pieces.entrySet().stream().mapToInt(pair -> likeness(pair.getKey(), pair.getValue().get(0))).sum();
        }
    }

    /** A piece of the design laid on one of the text, with the equations that follow. */
    private record Trial(DesignPiece piece, Lie lie, List<Wanted> more, Elimination equations, double worth) {
    }

    static Paired of(Shape shape, List<TextPiece> texts) {
        Pairing pairing = new Pairing(shape);
        texts.stream().filter(text -> text.scores() > 0)
                .sorted(Comparator.comparingInt(TextPiece::scores).reversed()).forEach(pairing::pair);
        texts.stream().filter(text -> text.scores() == 0).forEach(pairing::pair);
        return new Paired(shape, pairing.found, pairing.lies, List.copyOf(pairing.wanted),
                worth(pairing.equations) - ODD * pairing.odd);
    }

    private void pair(TextPiece text) {
        List<DesignPiece> free = shape.pieces().values().stream().filter(piece -> !taken.contains(piece.id()))
                .toList();
        List<DesignPiece> kinds = free.stream().filter(piece -> isFirstOfItsKind(piece, free))
                .filter(piece -> !text.isLayer() || likeness(text, piece) > 0).toList();
        List<Trial> trials = new ArrayList<>();
        kinds.forEach(piece -> Lie.ALL.stream().filter(lie -> lie.suits(text, piece))
                .forEach(lie -> trials.add(trial(text, piece, lie, lie.pairs(text)))));
        if (trials.stream().noneMatch(this::asksNothing)) {
            kinds.forEach(piece -> Lie.ALL.forEach(lie -> lie.pairsButOne(text, piece)
                    .forEach(pairs -> trials.add(trial(text, piece, lie, pairs)))));
        }
        trials.stream().max(Comparator.comparingDouble(Trial::worth)).filter(trial -> isLikely(text, trial))
                .ifPresent(trial -> take(text, trial, free));
    }

    /** Whether it is as the design has it by what is known already. */
    private boolean asksNothing(Trial trial) {
        return trial.equations().changed() == equations.changed()
                && trial.equations().contradictions() == equations.contradictions();
    }

    /** Something must speak for it: scores, a name, or both sides as they are by what is known already. */
    private boolean isLikely(TextPiece text, Trial trial) {
        int more = trial.equations().holding() - equations.holding();
        boolean sure = text.scores() > 0 || likeness(text, trial.piece()) > 0;
        return sure ? more > 0 : more >= 2 && trial.equations().changed() <= equations.changed();
    }

    private Trial trial(TextPiece text, DesignPiece piece, Lie lie, List<Lie.Pair> pairs) {
        List<Wanted> more = pairs.stream().map(pair -> new Wanted(piece.id(), pair)).toList();
        Elimination next = equations.copy();
        shape.gradient().require(more, next);
        return new Trial(piece, lie, more, next, worth(next) + WORD * likeness(text, piece)
                - (text.slanted() == piece.slanted() ? 0 : 1) - (text.scores() == piece.scores() ? 0 : ODD));
    }

    private static double worth(Elimination equations) {
        return equations.holding() - equations.contradictions() - 0.8 * equations.changed();
    }

    private void take(TextPiece text, Trial trial, List<DesignPiece> free) {
        equations = trial.equations();
        odd += text.scores() == trial.piece().scores() ? 0 : 1;
        wanted.addAll(trial.more());
        List<DesignPiece> pieces = Stream
                .concat(Stream.of(trial.piece()),
                        free.stream().filter(other -> other != trial.piece() && isAlike(other, trial.piece())))
                .limit(text.read().quantity()).toList();
        pieces.forEach(other -> taken.add(other.id()));
        found.put(text, pieces);
        lies.put(text, trial.lie());
    }

    private static boolean isFirstOfItsKind(DesignPiece piece, List<DesignPiece> free) {
        return free.stream().filter(other -> isAlike(other, piece) && other.label().equals(piece.label())).findFirst()
                .filter(piece::equals).isPresent();
    }

    private static boolean isAlike(DesignPiece one, DesignPiece other) {
        return one.width().equals(other.width()) && one.height().equals(other.height())
                && one.upright().equals(other.upright()) && one.level().equals(other.level());
    }

    /** Words that both names have. */
    private static int likeness(TextPiece text, DesignPiece piece) {
        Set<String> words = new HashSet<>(PieceName.of(piece.label()).words());
        words.retainAll(PieceName.of(text.read().name()).words());
        return words.size();
    }
}
