package cufflink.directions.finding;

import cufflink.directions.Directions;
import cufflink.directions.PieceName;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.finding.Finding.Grade;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.words.FindingWords;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Layers that are not smaller than what they lie on, and inserts that do not go into their pocket. */
final class LayerJudge {
    private static final Set<String> LAYERS = Set.of("mat", "layer");
    /** Papers that are layers if they lie on something, as those without a name. */
    private static final Set<String> PAPERS = Set.of("paper", "panel", "piece", "bit");
    /** Parts of a folded piece. */
    private static final Set<String> PANELS = Set.of("leaf", "front", "inside", "back", "cover", "outside");
    private static final Set<String> ORDINALS = Set.of("first", "second", "last");
    private static final Set<String> INSERTS = Set.of("insert", "tag", "note");
    private static final Set<String> POCKETS = Set.of("pocket", "sleeve", "holder");
    /** A border as wide as this is none that was meant to be equal. */
    private static final Length WIDEST_BORDER = Length.ofInches(1, 2);

    private LayerJudge() {
    }

    static Stream<Finding> find(Directions directions) {
        return directions.pieces().stream().flatMap(piece -> under(directions, piece)
                .map(under -> under == piece ? Stream.<Finding>empty() : judge(piece, under))
                .orElseGet(() -> onOnlyFolded(directions, piece)));
    }

    /**
     * A mat of which it is not said what it lies on, and one piece that is folded: it fits a panel, or covers most of
     * all.
     */
    private static Stream<Finding> onOnlyFolded(Directions directions, ReadPiece piece) {
        List<ReadPiece> folded = directions.pieces().stream().filter(other -> !other.scores().isEmpty()).toList();
        boolean mat = LAYERS.contains(PieceName.of(piece.name()).head()) && piece.scores().isEmpty();
        if (!mat || folded.size() != 1 || folded.get(0).scores().stream().anyMatch(ReadScore::isSlanting)
                || coversAll(piece, folded.get(0))) {
            return Stream.empty();
        }
        return onPanel(Grade.UNLIKELY, piece, folded.get(0));
    }

    private static boolean coversAll(ReadPiece piece, ReadPiece under) {
        return !under.width().length().minus(piece.width().length()).isLongerThan(WIDEST_BORDER.times(2))
                && !under.height().length().minus(piece.height().length()).isLongerThan(WIDEST_BORDER.times(2));
    }

    /** The piece that it is said to lie on or go into; on "the front leaf" it lies on the one that is folded. */
    static Optional<ReadPiece> under(Directions directions, ReadPiece piece) {
        return piece.on().or(() -> isFacing(piece) ? Optional.of("front") : Optional.empty()).flatMap(on -> {
            PieceName name = PieceName.of(on);
            List<ReadPiece> folded = directions.pieces().stream().filter(other -> !other.scores().isEmpty()).toList();
            return directions.pieces().stream().filter(other -> name.means(PieceName.of(other.name())))
                    .filter(other -> !other.name().equals(piece.name()) && isUnder(name, PieceName.of(other.name())))
                    .findFirst()
                    .or(() -> folded.size() == 1 && PANELS.contains(name.head()) ? folded.stream().findFirst()
                            : Optional.empty());
        });
    }

    /** "Front paper", "inside panel": a layer by its name. */
    private static boolean isFacing(ReadPiece piece) {
        String name = piece.name().toLowerCase(Locale.ROOT);
        boolean ofPaper = piece.material().filter(material -> material.contains("paper")).isPresent();
        return piece.scores().isEmpty() && (name.matches("(front|inside|back|outside) (paper|panel|layer|mat)s?")
                || ofPaper && name.matches("front|inside|back|outside"));
    }

    /** "Star paper", that is said to lie on something. */
    private static boolean isPaper(ReadPiece piece) {
        return piece.name().toLowerCase(Locale.ROOT).matches(".*\\b(paper|cardstock)");
    }

    /** "Panel 3" is no "mat for panel 3". */
    private static boolean isUnder(PieceName on, PieceName piece) {
        return !LAYERS.contains(piece.head()) || on.words().contains(piece.head()) || ORDINALS.contains(on.head());
    }

    private static Stream<Finding> judge(ReadPiece piece, ReadPiece under) {
        String head = PieceName.of(piece.name()).head();
        boolean toldSmaller = PieceName.of(piece.name()).words().contains("smaller");
        if (LAYERS.contains(head) || toldSmaller
                || (head.isEmpty() || PAPERS.contains(head) || isFacing(piece) || isPaper(piece))
                        && piece.scores().isEmpty()) {
            return under.scores().isEmpty() ? plain(piece, under) : onPanel(Grade.CANNOT_BE, piece, under);
        }
        if (head.equals("pocket") && piece.scores().isEmpty() && !under.scores().isEmpty()) {
            return pocket(piece, under);
        }
        boolean insert = INSERTS.contains(head) && POCKETS.contains(PieceName.of(under.name()).head());
        return insert ? insert(piece, under) : Stream.empty();
    }

    private static Stream<Finding> plain(ReadPiece piece, ReadPiece under) {
        Length one = under.width().length().minus(piece.width().length());
        Length other = under.height().length().minus(piece.height().length());
        Length turnedOne = under.width().length().minus(piece.height().length());
        Length turnedOther = under.height().length().minus(piece.width().length());
        boolean fits = one.isPositive() && other.isPositive() || turnedOne.isPositive() && turnedOther.isPositive();
        List<String> values = List.of(Near.size(piece.width(), piece.height()), Near.size(under.width(),
                under.height()));
        if (!fits) {
            return Stream.of(Finding.of(Grade.CANNOT_BE, "not smaller",
                    FindingWords.NOT_SMALLER.of("piece", piece.one(), "size", values.get(0), "on", under.one(),
                            "under", values.get(1)),
                    List.of(piece.span(), under.span()), values));
        }
        boolean upright = one.isPositive() && other.isPositive();
        return borders(piece, under.one(), upright ? one : turnedOne, upright ? other : turnedOther, values);
    }

    private static Stream<Finding> borders(ReadPiece piece, String on, Length one, Length other,
            List<String> values) {
        if (one.equals(other) || one.isLongerThan(WIDEST_BORDER) || other.isLongerThan(WIDEST_BORDER)) {
            return Stream.empty();
        }
        LengthFormat format = LengthFormat.of(piece.width().unit());
        return Stream.of(Finding.of(Grade.UNLIKELY, "unequal borders",
                FindingWords.UNEQUAL_BORDERS.of("piece", piece.one(), "on", on, "one",
                        format.text(half(one)), "other", format.text(half(other))),
                List.of(piece.span()), values));
    }

    private static Length half(Length length) {
        return Length.ofNanometres(length.nanometres() / 2);
    }

    /** On a piece with scores it lies on one of the panels that they make. */
    private static Stream<Finding> onPanel(Grade grade, ReadPiece piece, ReadPiece under) {
        Length w = piece.width().length();
        Length h = piece.height().length();
        boolean fits = panels(under).stream().anyMatch(panel -> panel.width().isLongerThan(w)
                && panel.height().isLongerThan(h)
                || panel.width().isLongerThan(h) && panel.height().isLongerThan(w));
        return fits ? Stream.empty() : Stream.of(noPanel(grade, piece, under));
    }

    /** A pocket may be as wide as its panel, and is seldom turned. */
    private static Stream<Finding> pocket(ReadPiece piece, ReadPiece under) {
        Length w = piece.width().length();
        Length h = piece.height().length();
        boolean upright = panels(under).stream().anyMatch(panel -> !w.isLongerThan(panel.width())
                && !h.isLongerThan(panel.height()));
        boolean turned = panels(under).stream().anyMatch(panel -> !h.isLongerThan(panel.width())
                && !w.isLongerThan(panel.height()));
        return upright ? Stream.empty()
                : Stream.of(noPanel(turned ? Grade.UNLIKELY : Grade.CANNOT_BE, piece, under));
    }

    private record Panel(Length width, Length height) {
    }

    private static List<Panel> panels(ReadPiece piece) {
        return PanelJudge.panels(piece, true).stream().flatMap(wide -> PanelJudge.panels(piece, false).stream()
                .map(high -> new Panel(wide, high))).distinct().toList();
    }

    private static Finding noPanel(Grade grade, ReadPiece piece, ReadPiece under) {
        String size = Near.size(piece.width(), piece.height());
        List<String> panels = panels(under).stream()
                .map(panel -> Near.size(under.width().unit(), panel.width(), panel.height())).distinct().toList();
        return Finding.of(grade, "no panel",
                FindingWords.NO_PANEL.of("piece", piece.one(), "size", size, "on", under.one(), "panels", panels),
                List.of(piece.span(), under.span()), List.of(size));
    }

    private static Stream<Finding> insert(ReadPiece piece, ReadPiece under) {
        for (Length wide : PanelJudge.panels(under, true)) {
            for (Length high : PanelJudge.panels(under, false)) {
                Length narrow = Length.shorter(piece.width().length(), piece.height().length());
                if (!narrow.isLongerThan(Length.longer(wide, high))
                        && (!piece.width().length().isLongerThan(wide) || !piece.height().length().isLongerThan(high)
                                || !piece.width().length().isLongerThan(high))) {
                    return Stream.empty();
                }
            }
        }
        String size = Near.size(piece.width(), piece.height());
        String room = Near.size(under.width(), under.height());
        return Stream.of(Finding.of(Grade.CANNOT_BE, "insert",
                FindingWords.INSERT_TOO_LARGE.of("piece", piece.one(), "size", size, "on", under.one(), "under",
                        room),
                List.of(piece.span(), under.span()), List.of(size, room)));
    }
}
