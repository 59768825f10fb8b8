package cufflink.directions.writing;

import cufflink.crease.CreasePattern;
import cufflink.design.Fold;
import cufflink.design.Score;
import cufflink.design.Side;
import cufflink.design.SizedDesign;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.PaperRole;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.RunStep;
import cufflink.score.ScoreLister;
import cufflink.score.ScoringStyle;
import cufflink.score.Slant;
import cufflink.words.Vocabulary;
import cufflink.words.WritingWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Writes a plan as directions that people can send one another: what is cut, where it is scored, and the steps of
 * folding and gluing in their words. Numbers are those of the plan, on its ruler.
 */
public final class DirectionsWriter {
    private final Plan plan;
    private final RulerStep ruler;
    private final StringBuilder text = new StringBuilder();

    private DirectionsWriter(Plan plan) {
        this.plan = plan;
        this.ruler = plan.project().step();
    }

    /** All of it, with a line for every piece and for every edge that scores are measured from. */
    public static String write(Plan plan) {
        return new DirectionsWriter(plan).write();
    }

    /** What is cut alike: one line of the list. */
    private record Alike(String size, String paper, List<String> scores) {
    }

    private String write() {
        line(plan.project().name());
        plan.closedWidth().ifPresent(width -> line(
                WritingWords.CLOSED.of("size", ruler.size(width, plan.closedHeight().orElseThrow())).sentence()));
        Map<Alike, List<String>> pieces = pieces();
        heading(WritingWords.CUT);
        pieces.forEach((alike, names) -> line(WritingWords.PIECE.of("name", name(names, pieces), "size", alike.size(),
                "count", names.size() * plan.project().copies(), "paper", alike.paper()).sentence()));
        if (pieces.keySet().stream().anyMatch(alike -> !alike.scores().isEmpty())) {
            heading(WritingWords.SCORE);
            pieces.forEach((alike, names) -> alike.scores().forEach(scores -> line(
                    WritingWords.SCORES.of("name", name(names, pieces), "scores", scores).sentence())));
        }
        for (Phase phase : List.of(Phase.PUNCH, Phase.FOLD, Phase.GLUE)) {
            steps(phase);
        }
        return text.toString();
    }

    private void steps(Phase phase) {
        List<RunStep> steps = plan.run().stream().filter(step -> step.phase() == phase).toList();
        if (steps.isEmpty()) {
            return;
        }
        text.append('\n');
        line(phase.heading() + ":");
        int number = 1;
        for (RunStep step : steps) {
            line(number++ + ". " + Vocabulary.sentences(step.told()));
        }
    }

    private void heading(WritingWords heading) {
        text.append('\n');
        line(heading.of().sentence());
    }

    private void line(String said) {
        text.append(said).append('\n');
    }

    private Map<Alike, List<String>> pieces() {
        Map<Alike, List<String>> pieces = new LinkedHashMap<>();
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            CreasePattern pattern = plan.pieces().get(piece.id()).pattern();
            pieces.computeIfAbsent(new Alike(ruler.size(piece.width().length(), piece.height().length()),
                    plan.project().paper(piece.material()).name(), scores(piece, pattern)), none -> new ArrayList<>())
                    .add(piece.label());
        }
        for (MatLayer mat : plan.mats()) {
            pieces.computeIfAbsent(new Alike(ruler.size(mat.width(), mat.height()),
                    plan.project().paper(PaperRole.layer(mat.layer())).name(), List.of()), none -> new ArrayList<>())
                    .add(mat.label());
        }
        return pieces;
    }

    /** One name for what is alike, which no other line has. */
    private static String name(List<String> names, Map<Alike, List<String>> pieces) {
        String first = names.get(0);
        long others = pieces.values().stream().filter(list -> list != names && list.get(0).equals(first)).count();
        String several = names.size() == 1 ? first
                : WritingWords.AND_MORE.of("name", first, "count", names.size() - 1).sentence();
        return others == 0 ? several
                : several + " " + (1 + pieces.values().stream().filter(list -> list.get(0).equals(first)).toList()
                        .indexOf(names));
    }

    /** A text for each edge that positions are counted from, and one for each slanting score. */
    private List<String> scores(SizedDesign.Piece piece, CreasePattern pattern) {
        List<String> texts = new ArrayList<>();
        List<Score> lines = piece.lines().stream().filter(score -> !score.isPinched()).toList();
        for (boolean upright : new boolean[] {true, false}) {
            String positions = lines.stream().filter(score -> isStraight(score, upright))
                    .sorted((one, other) -> at(one, upright).compareTo(at(other, upright)))
                    .map(score -> position(piece, score, upright)).collect(Collectors.joining(", "));
            if (!positions.isEmpty()) {
                texts.add(WritingWords.FROM_EDGE.of("edge", (upright ? Side.LEFT : Side.TOP).word(), "positions",
                        positions).sentence());
            }
        }
        ScoreLister.list(piece, pattern, ScoringStyle.ONE_FACE).stream().flatMap(setup -> setup.slants().stream())
                .map(this::slant).forEach(texts::add);
        return texts;
    }

    private static boolean isStraight(Score score, boolean upright) {
        SizedDesign.Line line = score.line();
        boolean across = line.x1().equals(line.x2());
        return upright ? across : !across && line.y1().equals(line.y2());
    }

    private static Length at(Score score, boolean upright) {
        return upright ? score.line().x1() : score.line().y1();
    }

    private String position(SizedDesign.Piece piece, Score score, boolean upright) {
        SizedDesign.Line line = score.line();
        Length one = upright ? line.y1() : line.x1();
        Length other = upright ? line.y2() : line.x2();
        Length from = Length.shorter(one, other);
        Length to = Length.longer(one, other);
        boolean full = from.equals(Length.ZERO)
                && to.equals((upright ? piece.height() : piece.width()).length());
        return Stream.of(Optional.of(ruler.text(at(score, upright))), kind(score.fold()),
                full ? Optional.<String>empty()
                        : Optional.of(WritingWords.ONLY_FROM
                                .of("from", ruler.text(from), "to", ruler.text(to)).sentence()))
                .flatMap(Optional::stream).collect(Collectors.joining(" "));
    }

    private static Optional<String> kind(Fold fold) {
        return Optional.of("(" + fold.word() + ")");
    }

    private String slant(Slant slant) {
        return WritingWords.MARK_TO_MARK.of("first", ruler.text(slant.from().at()), "edge",
                slant.from().edge().word(), "second", ruler.text(slant.to().at()), "other",
                slant.to().edge().word(), "fold", slant.fold().word()).sentence();
    }
}
