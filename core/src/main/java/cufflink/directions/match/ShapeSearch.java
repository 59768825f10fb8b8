package cufflink.directions.match;

import cufflink.design.Given;
import cufflink.design.Measure;
import cufflink.design.Value;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Chooses a design's counts and words so that its pieces have the scores of the text's: one measure after the other,
 * each time the change that gains most, until none gains.
 */
final class ShapeSearch {
    /** Counts up to this are tried: panels, sleeves, flaps. */
    private static final int MOST_COUNTED = 10;
    private static final int MOST_ROUNDS = 3;

    private final Shapes shapes;
    private final List<TextPiece> texts;

    /**
     * A choice of counts and words, and what the design is with it.
     *
     * @param isWhole whether every piece with scores is in both
     */
    private record Choice(Shape shape, double likeness, boolean isWhole, int changed) {
    }

    private ShapeSearch(Shapes shapes, List<TextPiece> texts) {
        this.shapes = shapes;
        this.texts = texts;
    }

    /** The choice most like the text; absent if the design cannot be sized at all. */
    static Optional<Shape> best(Shapes shapes, Given start, List<TextPiece> texts) {
        return new ShapeSearch(shapes, texts).best(start).map(Choice::shape);
    }

    private Optional<Choice> best(Given start) {
        Optional<Choice> best = choice(start, 0);
        for (int round = 0; round < MOST_ROUNDS && best.isPresent() && !best.get().isWhole(); round++) {
            Choice now = best.get();
            Optional<Choice> better = others(now).stream().max(Comparator.comparingDouble(Choice::likeness))
                    .filter(other -> other.likeness() > now.likeness());
            if (better.isEmpty()) {
                return best;
            }
            best = better;
        }
        return best;
    }

    private List<Choice> others(Choice now) {
        List<Choice> others = new ArrayList<>();
        Given given = now.shape().given();
        for (Measure measure : shapes.design().measures()) {
            if (measure.role() == Measure.Role.CHOICE) {
                measure.choices().forEach(word -> choice(given.with(measure.name(), new Value.Word(word)),
                        now.changed() + 1).ifPresent(others::add));
            } else if (measure.role() == Measure.Role.COUNT) {
                for (int count = 0; count <= MOST_COUNTED; count++) {
                    choice(given.with(measure.name(), Value.number(count)), now.changed() + 1)
                            .ifPresent(others::add);
                }
            }
        }
        return others;
    }

    private Optional<Choice> choice(Given given, int changed) {
        return shapes.of(given).map(shape -> judged(shape, changed));
    }

    /** Scores that pieces of both have alike, less what only one of them has. */
    private Choice judged(Shape shape, int changed) {
        Map<String, Integer> there = new LinkedHashMap<>();
        int left = 0;
        for (DesignPiece piece : shape.pieces().values()) {
            there.merge(key(piece.upright().size(), piece.level().size()), 1, Integer::sum);
            left += piece.scores() > 0 ? 1 : 0;
        }
        int alike = 0;
        int missing = 0;
        for (TextPiece text : texts) {
            if (text.scores() > 0) {
                String key = key(text.upright().size(), text.level().size());
                int found = Math.min(text.read().quantity(), there.getOrDefault(key, 0));
                there.merge(key, -found, Integer::sum);
                alike += found * (1 + text.scores());
                left -= found;
                missing += text.read().quantity() - found;
            }
        }
        return new Choice(shape, alike - 0.5 * left - 0.1 * changed, left == 0 && missing == 0, changed);
    }

    /** Alike for a piece and for the same a quarter turn round. */
    private static String key(int upright, int level) {
        return Math.max(upright, level) + " " + Math.min(upright, level);
    }
}
