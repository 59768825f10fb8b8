package cufflink.files.corpus;

import cufflink.design.DesignDefinition;
import cufflink.design.Fold;
import cufflink.design.Score;
import cufflink.design.Side;
import cufflink.design.SizedDesign;
import cufflink.files.design.BuiltInDesigns;
import cufflink.mat.MatLayer;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Directions written by rules from plans, each design in a hand of its own, every other one with a fault. */
final class Writers {
    private static final int MOST_LINES = 10;

    private Writers() {
    }

    /** Designs with straight scores alone, in four hands each; the fourth was kept aside. */
    static List<CorpusSet> sets() {
        List<CorpusSet> sets = new ArrayList<>();
        int at = 0;
        int built = 0;
        int second = 0;
        int aside = 0;
        for (DesignDefinition design : BuiltInDesigns.all()) {
            for (int k = 0; k < 4; k++) {
                RulerStep ruler = (at + k) % 2 == 0 ? RulerStep.SIXTEENTH_INCH : RulerStep.MILLIMETRE;
                Plan plan = Planner.plan(Project.of(design, ruler).withMats(
                        MatSettings.usual(ruler.unit()).withLayers(at % 4 == 3 ? 2 : 1))).orThrow();
                Optional<List<CorpusSet.Piece>> pieces = pieces(plan);
                if (pieces.isPresent()) {
                    // The sets kept aside are others in hand, unit and fault; those to build with stay what they were.
                    int number = k < 2 ? built++ : k == 2 ? 3 * second++ + 1 : 5 * aside++ + 3;
                    Hand hand = Hand.values()[(number + k / 2 * 4 + k / 3) % Hand.values().length];
                    Optional<Fault> fault = number % 2 == 0 ? Optional.empty()
                            : Fault.forSet(number / 2, pieces.get());
                    sets.add(new Writing(design, ruler, hand, fault).set(pieces.get(), k == 3));
                }
            }
            at++;
        }
        return sets;
    }

    private static Optional<List<CorpusSet.Piece>> pieces(Plan plan) {
        Map<CorpusSet.Piece, Integer> alike = new LinkedHashMap<>();
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            List<CorpusSet.At> scores = new ArrayList<>();
            for (Score score : piece.lines()) {
                SizedDesign.Line line = score.line();
                boolean upright = line.x1().equals(line.x2());
                boolean level = line.y1().equals(line.y2());
                Length side = upright ? piece.height().length() : piece.width().length();
                Length long1 = upright ? line.y2().minus(line.y1()).abs() : line.x2().minus(line.x1()).abs();
                if (score.isPinched() || score.fold() == Fold.DECORATIVE || upright == level || !long1.equals(side)) {
                    return Optional.empty();
                }
                scores.add(new CorpusSet.At(upright ? Side.LEFT : Side.TOP, upright ? line.x1() : line.y1()));
            }
            scores.sort(Comparator.comparing((CorpusSet.At one) -> one.edge()).thenComparing(CorpusSet.At::length));
            alike.merge(new CorpusSet.Piece(name(piece.label()), 1, piece.width().length(), piece.height().length(),
                    scores), 1, Integer::sum);
        }
        for (MatLayer mat : plan.mats()) {
            alike.merge(
                    new CorpusSet.Piece(name(mat.on().label()) + " mat" + (mat.layer() > 1 ? " " + mat.layer() : ""),
                            1, mat.width(), mat.height(), List.of()),
                    1, Integer::sum);
        }
        List<CorpusSet.Piece> pieces = alike.entrySet().stream().map(entry -> new CorpusSet.Piece(entry.getKey().name(),
                entry.getValue(), entry.getKey().width(), entry.getKey().height(), entry.getKey().scores())).toList();
        List<String> names = pieces.stream().map(CorpusSet.Piece::name).toList();
        return names.size() == names.stream().distinct().count() && names.size() <= MOST_LINES
                && pieces.stream().anyMatch(piece -> !piece.scores().isEmpty()) ? Optional.of(pieces)
                        : Optional.empty();
    }

    private static String name(String label) {
        return label.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{Nd} ]", "");
    }

    /** How somebody writes. */
    enum Hand {
        TERSE, PROSE, STEPS, DICTATED, TABLE, BOTH_UNITS
    }

    static String joined(List<String> parts) {
        return parts.size() == 1 ? parts.get(0)
                : parts.subList(0, parts.size() - 1).stream().collect(Collectors.joining(", ")) + " and "
                        + parts.get(parts.size() - 1);
    }
}
