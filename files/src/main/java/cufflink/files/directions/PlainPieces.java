package cufflink.files.directions;

import cufflink.check.Verdict;
import cufflink.design.DesignDefinition;
import cufflink.design.Fold;
import cufflink.directions.Directions;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.files.design.DesignFileReader;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * Directions of no known design as a design file of their own: its pieces with their scores as written, their sizes and
 * places measures that can be changed. Where the text does not say which way a score folds, the first way in which the
 * paper closes is taken.
 */
public final class PlainPieces {
    /** More pieces than that are not laid out one by one. */
    private static final int MOST_PIECES = 40;
    /** Scores of a piece of which every way of folding is tried. */
    private static final int MOST_TRIED = 6;

    private final String id;
    private final String title;
    private final RulerStep ruler;

    private PlainPieces(String id, String title, RulerStep ruler) {
        this.id = id;
        this.title = title;
        this.ruler = ruler;
    }

    /**
     * The text of a design file.
     *
     * @param id    letters, figures and hyphens
     * @param title as the shelf shows it
     */
    public static String text(Directions directions, String id, String title) {
        RulerStep ruler = RulerStep.usual(directions.unit());
        return new PlainPieces(id, title, ruler).file(directions.pieces());
    }

    /** The design of such a file. */
    public static Outcome<DesignDefinition> read(String id, String text) {
        return DesignFileReader.read(id + ".yaml", text);
    }

    /** A piece's straight scores along one side, in their order, counted from the left or top. */
    private record Line(Length at, Optional<Fold> fold) {
    }

    /** A piece with a way to fold it. */
    private record Made(ReadPiece piece, List<Line> upright, List<Line> level, List<Fold> uprightFolds,
            List<Fold> levelFolds) {
    }

    private String file(List<ReadPiece> pieces) {
        List<Made> made = new ArrayList<>();
        for (ReadPiece piece : pieces) {
            Made one = folded(piece);
            for (int k = 0; k < piece.quantity() && made.size() < MOST_PIECES; k++) {
                made.add(one);
            }
        }
        return yaml(made);
    }

    /** The first way to fold it in which it closes; valley folds if there is none. */
    private Made folded(ReadPiece piece) {
        List<Line> upright = lines(piece, true);
        List<Line> level = lines(piece, false);
        Made first = null;
        for (List<Fold> folds : ways(upright)) {
            for (List<Fold> others : ways(level)) {
                Made made = new Made(piece, upright, level, folds, others);
                first = first == null ? made : first;
                if (closes(made)) {
                    return made;
                }
            }
        }
        return first;
    }

    private boolean closes(Made made) {
        return read(id, yaml(List.of(made))).then(design -> Planner.plan(Project.of(design, ruler))).value()
                .filter(plan -> plan.checks().stream()
                        .noneMatch(check -> check.id().equals("closes") && check.verdict() == Verdict.BAD))
                .isPresent();
    }

    /** All valleys, then to and fro, then every other way. */
    private static List<List<Fold>> ways(List<Line> lines) {
        int count = lines.size();
        List<List<Fold>> ways = new ArrayList<>();
        ways.add(folds(lines, i -> false));
        ways.add(folds(lines, i -> i % 2 == 1));
        ways.add(folds(lines, i -> i % 2 == 0));
        for (int bits = 1; count <= MOST_TRIED && bits < 1 << count; bits++) {
            int way = bits;
            ways.add(folds(lines, i -> (way >> i & 1) == 1));
        }
        return ways.stream().distinct().toList();
    }

    private static List<Fold> folds(List<Line> lines, IntPredicate isMountain) {
        return IntStream.range(0, lines.size()).mapToObj(
                i -> lines.get(i).fold().orElse(isMountain.test(i) ? Fold.MOUNTAIN : Fold.VALLEY)).toList();
    }

    private static List<Line> lines(ReadPiece piece, boolean alongWidth) {
        Length side = piece.side(alongWidth).length();
        List<Line> lines = new ArrayList<>();
        for (ReadScore score : piece.scores()) {
            if (score.isAlongWidth() != alongWidth || score.isSlanting()) {
                continue;
            }
            Length at = switch (score.from()) {
                case LEFT, TOP -> score.at().length();
                case RIGHT, BOTTOM -> side.minus(score.at().length());
            };
            if (at.isPositive() && side.isLongerThan(at) && lines.stream().noneMatch(line -> line.at().equals(at))) {
                lines.add(new Line(at, score.fold()));
            }
        }
        lines.sort(Comparator.comparing(Line::at));
        return lines;
    }

    private String yaml(List<Made> made) {
        StringBuilder measures = new StringBuilder();
        StringBuilder pieces = new StringBuilder();
        StringBuilder folding = new StringBuilder();
        for (int i = 0; i < made.size(); i++) {
            Made one = made.get(i);
            String name = "p" + (i + 1);
            boolean alone = made.stream().filter(other -> other.piece() == one.piece()).count() == 1;
            String label = one.piece().name() + (alone ? "" : " " + (i + 1 - made.indexOf(one)));
            label = label.substring(0, 1).toUpperCase(Locale.ROOT) + label.substring(1);
            measure(measures, name + "Width", one.piece().width().length(), label + ", width");
            measure(measures, name + "Height", one.piece().height().length(), label + ", height");
            pieces.append("  ").append(name).append(":\n    label: ").append(quoted(label))
                    .append("\n    material: card\n    up: inside\n")
                    .append(i == 0 ? "" : "    loose: yes\n")
                    .append("    size: [").append(name).append("Width, ").append(name).append("Height]\n");
            if (!one.upright().isEmpty() || !one.level().isEmpty()) {
                pieces.append("    scores:\n");
                List<String> upright = upright(one, name, label, measures, pieces);
                List<List<String>> level = level(one, name, label, measures, pieces);
                for (int k = 0; k < upright.size(); k++) {
                    fold(folding, name, List.of(upright.get(k)), name + "Across" + (k + 1), "left");
                }
                for (int k = 0; k < level.size(); k++) {
                    fold(folding, name, level.get(k), name + "Down" + (k + 1), "top");
                }
            }
        }
        return "# " + "Pieces and scores of typed directions.\nid: " + id + "\ntitle: " + quoted(title)
                + "\ngroup: card base\nabout: Pieces and scores of typed directions\ndifficulty: easy\nuses: []\n"
                + "measures:\n" + measures + "pieces:\n" + pieces
                + (folding.isEmpty() ? "folding: []\n" : "folding:\n" + folding) + "glue: []\nchecks: []\n";
    }

    private List<String> upright(Made one, String piece, String label, StringBuilder measures,
            StringBuilder pieces) {
        List<String> ids = new ArrayList<>();
        for (int k = 0; k < one.upright().size(); k++) {
            String at = piece + "Across" + (k + 1);
            measure(measures, at, one.upright().get(k).at(), label + ", score " + (k + 1) + " from the left");
            ids.add("across " + (k + 1));
            pieces.append("      - {id: across ").append(k + 1).append(", x: ").append(at).append(", fold: ")
                    .append(one.uprightFolds().get(k).word()).append("}\n");
        }
        return ids;
    }

    /**
     * A crease over one that is folded already turns over with every layer that it goes through: a valley on this side
     * of a fold is a mountain beyond it.
     */
    private List<List<String>> level(Made one, String piece, String label, StringBuilder measures,
            StringBuilder pieces) {
        List<List<String>> creases = new ArrayList<>();
        for (int k = 0; k < one.level().size(); k++) {
            String at = piece + "Down" + (k + 1);
            measure(measures, at, one.level().get(k).at(), label + ", score " + (k + 1) + " from the top");
            List<String> ids = new ArrayList<>();
            for (int part = 0; part <= one.upright().size(); part++) {
                boolean turned = part % 2 == 1;
                Fold fold = one.levelFolds().get(k);
                String word = (turned ? fold == Fold.VALLEY ? Fold.MOUNTAIN : Fold.VALLEY : fold).word();
                String id = "down " + (k + 1) + (one.upright().isEmpty() ? "" : " part " + (part + 1));
                String extent = one.upright().isEmpty() ? ""
                        : ", from: " + (part == 0 ? "0 mm" : piece + "Across" + part) + ", to: "
                                + (part == one.upright().size() ? piece + "Width" : piece + "Across" + (part + 1));
                pieces.append("      - {id: ").append(id).append(", y: ").append(at).append(extent).append(", fold: ")
                        .append(word).append("}\n");
                ids.add(id);
            }
            creases.add(ids);
        }
        return creases;
    }

    private void measure(StringBuilder measures, String name, Length length, String label) {
        measures.append("  ").append(name).append(": {is: allowance, default: ").append(text(length))
                .append(", min: 1 mm, label: ").append(quoted(label)).append("}\n");
    }

    /** In the text's own unit where its ruler can say it. */
    private String text(Length length) {
        return ruler.unit() == LengthUnit.INCH && RulerStep.THIRTY_SECOND_INCH.has(length)
                ? LengthFormat.of(LengthUnit.INCH).text(length) : ExactText.of(length);
    }

    private static void fold(StringBuilder folding, String piece, Collection<String> ids, String at, String edge) {
        folding.append("  - {piece: ").append(piece).append(", fold: [").append(String.join(", ", ids))
                .append("], say: \"Fold at {").append(at).append("} from the ").append(edge).append(".\"}\n");
    }

    /** In double quotes, so that no sign of it means anything to the reader of the file. */
    private static String quoted(String text) {
        String plain = text.replaceAll("[\\p{Cntrl}{}]", " ").strip();
        String kept = plain.length() > 60 ? plain.substring(0, 60) : plain;
        return '"' + kept.replace("\\", "\\\\").replace("\"", "\\\"") + '"';
    }
}
